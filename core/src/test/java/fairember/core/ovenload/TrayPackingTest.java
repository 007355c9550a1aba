package fairember.core.ovenload;

import static org.assertj.core.api.Assertions.assertThat;

import fairember.core.Samples;
import fairember.core.measure.Length;
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
        return new TrayPacking.Lot(key, count, new Box(new Length(width), new Length(depth), new Length(20)));
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
        assertThat(PACKING.takes(new Box(new Length(301), new Length(10), new Length(10))))
                .isFalse();
        assertThat(PACKING.takes(new Box(new Length(300), new Length(200), new Length(10))))
                .isTrue();
        assertThat(PACKING.takes(new Box(new Length(205), new Length(250), new Length(10))))
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
}
