package fairember.core.ovenload;

import static org.assertj.core.api.Assertions.assertThat;

import fairember.core.Samples;
import fairember.core.quantity.Energy;
import fairember.core.quantity.Length;
import fairember.core.quantity.Minutes;
import fairember.core.shape.Box;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import org.testng.annotations.Test;

/** The tray is 300 × 200 mm with a gap of 5. */
public class TrayPackingTest {
    private static final TrayPacking PACKING = new TrayPacking(Samples.OVEN);

    private static TrayPacking.Lot lot(String key, int count, double width, double depth) {
        return new TrayPacking.Lot(
                BakeKey.of(key), count, new Box(new Length(width), new Length(depth), new Length(20)), true);
    }

    @Test
    public void sevenStripsOf295By20FitAndAnEighthOnlyJust() {
        // Seven rows of 20 and six gaps of 5: 170; eight rows: 195; nine: 220.
        assertThat(PACKING.lay(List.of(lot("a", 8, 20, 295)))).isPresent();
        assertThat(PACKING.lay(List.of(lot("a", 9, 20, 295)))).isEmpty();
    }

    @Test
    public void aLongThingIsTurnedToLieAcrossAndOneLongerThanTheTrayIsNotTaken() {
        Place place = PACKING.lay(List.of(lot("a", 1, 50, 280))).orElseThrow().get(0);
        assertThat(place.width().mm()).isEqualTo(280);
        assertThat(place.depth().mm()).isEqualTo(50);
        assertThat(PACKING.takes(new Box(new Length(301), new Length(10), new Length(10)), true))
                .isFalse();
        assertThat(PACKING.takes(new Box(new Length(300), new Length(200), new Length(10)), true))
                .isTrue();
        assertThat(PACKING.takes(new Box(new Length(205), new Length(250), new Length(10)), true))
                .isFalse();
    }

    @Test
    public void everyLaidThingKeepsItsSizeAndStaysOnTheTray() {
        SplittableRandom random = new SplittableRandom(2);
        int laid = 0;
        for (int round = 0; round < 400; round++) {
            List<TrayPacking.Lot> lots = new ArrayList<>();
            for (int i = 0; i <= random.nextInt(4); i++) {
                lots.add(lot("k" + i, random.nextInt(1, 12), random.nextDouble(5, 90), random.nextDouble(5, 90)));
            }
            Optional<List<Place>> places = PACKING.lay(lots);
            if (places.isEmpty()) {
                continue;
            }
            laid++;
            for (TrayPacking.Lot lot : lots) {
                List<Place> own = places.get().stream()
                        .filter(p -> p.key().equals(lot.key()))
                        .toList();
                assertThat(own).hasSize(lot.count());
                double longer =
                        Math.max(lot.unit().width().mm(), lot.unit().depth().mm());
                own.forEach(p ->
                        assertThat(Math.max(p.width().mm(), p.depth().mm())).isEqualTo(longer));
            }
            places.get().forEach(p -> {
                assertThat(p.left().mm() + p.width().mm()).isLessThanOrEqualTo(300);
                assertThat(p.back().mm() + p.depth().mm()).isLessThanOrEqualTo(200);
            });
        }
        assertThat(laid).isGreaterThan(100);
    }

    @Test
    public void whatFitsAloneFitsWithFewerOfItsKind() {
        for (double side = 8; side < 150; side += 7) {
            int most = 0;
            while (PACKING.lay(List.of(lot("a", most + 1, side, side))).isPresent()) {
                most++;
            }
            // Rows of squares: ⌊305/(side+5)⌋ across, ⌊205/(side+5)⌋ deep.
            assertThat(most).isEqualTo((int) (305 / (side + 5)) * (int) (205 / (side + 5)));
        }
    }

    /** Four of 145 by 95 leave a cross of 10 and 10; rows alone would not find the fifth kind beside them. */
    @Test
    public void greatestRectanglesFindWhatRowsDoNot() {
        List<TrayPacking.Lot> lots =
                List.of(lot("tall", 1, 100, 200), lot("wide", 2, 190, 90), lot("small", 1, 60, 10));
        List<Place> places = PACKING.lay(lots).orElseThrow();
        assertThat(places).hasSize(4);
        apart(places);
    }

    @Test
    public void whatMayNotBeTurnedIsNot() {
        Box long1 = new Box(new Length(50), new Length(250), new Length(20));
        assertThat(PACKING.takes(long1, true)).isTrue();
        assertThat(PACKING.takes(long1, false)).isFalse();
        List<TrayPacking.Lot> upright = List.of(new TrayPacking.Lot(
                BakeKey.of("a"), 3, new Box(new Length(30), new Length(190), new Length(9)), false));
        assertThat(PACKING.lay(upright).orElseThrow()).allMatch(p -> p.depth().mm() == 190);
    }

    /** A low tray of 30 and a high one of 100: the tall things go up, the flat ones down, whatever the order. */
    @Test
    public void tallThingsFindTheHighTray() {
        Oven two = new Oven(
                "two",
                new Length(300),
                new Length(200),
                List.of(new Length(30), new Length(100)),
                new Length(5),
                Minutes.ZERO,
                Minutes.ZERO,
                Energy.ZERO,
                0,
                false,
                List.of());
        TrayPacking packing = new TrayPacking(two);
        Box flat = new Box(new Length(145), new Length(95), new Length(20));
        Box tall = new Box(new Length(145), new Length(95), new Length(90));
        List<TrayPacking.Lot> eight = List.of(
                new TrayPacking.Lot(BakeKey.of("flat"), 4, flat, true),
                new TrayPacking.Lot(BakeKey.of("tall"), 4, tall, true));
        List<Place> places = packing.lay(eight).orElseThrow();
        assertThat(places).hasSize(8);
        assertThat(places).filteredOn(p -> p.key().words().equals("tall")).allMatch(p -> p.shelf() == 1);
        apart(places);
        assertThat(packing.lay(List.of(new TrayPacking.Lot(BakeKey.of("tall"), 5, tall, true))))
                .isEmpty();
        assertThat(packing.lay(List.of(new TrayPacking.Lot(BakeKey.of("flat"), 8, flat, true))))
                .isPresent();
        assertThat(packing.takes(new Box(new Length(9), new Length(9), new Length(101)), true))
                .isFalse();
    }

    @Test
    public void nothingOverlapsOnSixHundredRandomTrays() {
        SplittableRandom random = new SplittableRandom(8);
        int laid = 0;
        for (int round = 0; round < 600; round++) {
            List<TrayPacking.Lot> lots = new ArrayList<>();
            for (int i = 0; i <= random.nextInt(5); i++) {
                Box box = new Box(
                        new Length(random.nextDouble(8, 160)), new Length(random.nextDouble(8, 120)), new Length(20));
                lots.add(new TrayPacking.Lot(BakeKey.of("k" + i), random.nextInt(1, 8), box, random.nextBoolean()));
            }
            Optional<List<Place>> places = PACKING.lay(lots);
            places.ifPresent(TrayPackingTest::apart);
            laid += places.isPresent() ? 1 : 0;
        }
        assertThat(laid).isGreaterThan(100);
    }

    static void apart(List<Place> places) {
        for (Place a : places) {
            assertThat(a.left().mm() + a.width().mm()).isLessThanOrEqualTo(300 + 1e-6);
            assertThat(a.back().mm() + a.depth().mm()).isLessThanOrEqualTo(200 + 1e-6);
            for (Place b : places) {
                boolean clear = a == b
                        || a.shelf() != b.shelf()
                        || a.left().mm() + a.width().mm() + 5 <= b.left().mm() + 1e-6
                        || b.left().mm() + b.width().mm() + 5 <= a.left().mm() + 1e-6
                        || a.back().mm() + a.depth().mm() + 5 <= b.back().mm() + 1e-6
                        || b.back().mm() + b.depth().mm() + 5 <= a.back().mm() + 1e-6;
                assertThat(clear).as("%s and %s keep 5 mm apart", a, b).isTrue();
            }
        }
    }
}
