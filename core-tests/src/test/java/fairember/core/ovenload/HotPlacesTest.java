package fairember.core.ovenload;

import static org.assertj.core.api.Assertions.assertThat;

import fairember.core.Samples;
import fairember.core.advice.Advice;
import fairember.core.quantity.Length;
import fairember.core.quantity.Minutes;
import fairember.core.quantity.Temperature;
import fairember.core.shape.Box;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import org.testng.annotations.Test;

/** Loads at 125 °C on a tray of 300 × 200 mm with a gap of 5, of which places are known to be warmer or cooler. */
public class HotPlacesTest {
    private static final Temperature LOAD = new Temperature(125);

    private static Oven oven(TraySpot... spots) {
        Oven plain = Samples.OVEN;
        return new Oven(
                plain.name(),
                plain.trayWidth(),
                plain.trayDepth(),
                plain.shelves(),
                plain.gap(),
                plain.preheat(),
                plain.unload(),
                plain.preheatEnergy(),
                plain.keepHotKw(),
                plain.cold(),
                List.of(spots));
    }

    private static TraySpot spot(double left, double back, double warmerC) {
        return new TraySpot(new Length(left), new Length(back), warmerC);
    }

    private static Bake bake(String key, double high, double width, double depth) {
        return Bake.plain(
                key,
                1,
                new Box(new Length(width), new Length(depth), new Length(5)),
                LOAD,
                new Temperature(high),
                new Minutes(20),
                new Minutes(60));
    }

    private static Place place(String key, double left, double back, double width, double depth) {
        return new Place(
                BakeKey.of(key),
                0,
                new Length(left),
                new Length(back),
                new Length(width),
                new Length(depth),
                new Length(5));
    }

    /** One flag of 40 × 30 mm at the back left. */
    private static List<String> rules(double left, double back, double warmerC) {
        HotPlaces hot = new HotPlaces(oven(spot(left, back, warmerC)), LOAD, List.of(bake("flag", 130, 40, 30)));
        return hot.advice(List.of(place("flag", 0, 0, 40, 30))).stream()
                .map(Advice::rule)
                .toList();
    }

    @Test
    public void whatLiesWithinFortyFiveMillimetresOfATooWarmPlaceIsSaid() {
        assertThat(rules(20, 15, 6)).containsExactly("hot-place");
        assertThat(rules(85, 15, 6)).containsExactly("hot-place");
        assertThat(rules(86, 15, 6)).isEmpty();
        // 125 + 5 is the end of its window.
        assertThat(rules(20, 15, 5)).isEmpty();
        assertThat(rules(20, 15, -6)).containsExactly("cool-place");
        assertThat(rules(20, 15, -5)).isEmpty();
    }

    private static List<Place> spared(Oven oven, List<Bake> bakes, Place... places) {
        return SparedPlaces.of(oven, new HotPlaces(oven, LOAD, bakes), List.of(places));
    }

    @Test
    public void aTrayIsMirroredAThingIsSwappedOrMovedOutOfTheHeat() {
        List<Bake> bakes = List.of(bake("flag", 130, 40, 30), bake("firm", 150, 40, 30));
        Place flag = place("flag", 0, 0, 40, 30);
        assertThat(spared(oven(spot(20, 15, 8)), bakes, flag)).containsExactly(place("flag", 260, 0, 40, 30));
        // All four corners are hot: the firm one, which may be there, gives up its place in the middle.
        TraySpot[] corners = {spot(0, 0, 8), spot(300, 0, 8), spot(0, 200, 8), spot(300, 200, 8)};
        Place firm = place("firm", 130, 85, 40, 30);
        assertThat(spared(oven(corners), bakes, flag, firm))
                .containsExactly(place("flag", 130, 85, 40, 30), place("firm", 0, 0, 40, 30));
        // Alone it goes beside where the firm one would lie: to the first corner beside another that is not too warm.
        Place wide = place("firm", 100, 0, 60, 60);
        List<Place> moved = spared(oven(corners), bakes, flag, wide);
        assertThat(moved.get(0)).isNotEqualTo(flag);
        assertThat(moved.get(1)).isEqualTo(wide);
        // Nothing is moved where everything is too warm, or nothing is.
        assertThat(spared(oven(spot(20, 15, 5)), bakes, flag)).containsExactly(flag);
    }

    @Test
    public void whateverIsPackedStaysPackedAndLiesNoWorse() {
        SplittableRandom random = new SplittableRandom(11);
        int better = 0;
        for (int round = 0; round < 300; round++) {
            List<Bake> bakes = new ArrayList<>();
            List<TrayPacking.Lot> lots = new ArrayList<>();
            for (int i = 0; i <= random.nextInt(3); i++) {
                Bake bake = bake("k" + i, 126 + random.nextInt(14), random.nextDouble(8, 70), random.nextDouble(8, 70));
                bakes.add(bake);
                lots.add(new TrayPacking.Lot(bake.key(), random.nextInt(1, 9), bake.unit(), true));
            }
            TraySpot one = spot(random.nextInt(300), random.nextInt(200), random.nextInt(-12, 12));
            TraySpot two = spot(random.nextInt(300), random.nextInt(200), random.nextInt(-12, 12));
            Oven oven = oven(one, two);
            HotPlaces hot = new HotPlaces(oven, LOAD, bakes);
            Optional<List<Place>> packed = new TrayPacking(oven).lay(lots);
            if (packed.isEmpty()) {
                continue;
            }
            List<Place> before = packed.get();
            List<Place> after = SparedPlaces.of(oven, hot, before);
            TrayPackingTest.apart(after);
            assertThat(after.stream().map(HotPlacesTest::item).sorted().toList())
                    .isEqualTo(before.stream().map(HotPlacesTest::item).sorted().toList());
            long bad = before.stream().filter(hot::unfit).count();
            long left = after.stream().filter(hot::unfit).count();
            assertThat(left).isLessThanOrEqualTo(bad);
            better += left < bad ? 1 : 0;
        }
        assertThat(better).isGreaterThan(60);
    }

    private static String item(Place p) {
        return p.key() + " " + p.shelf() + " " + p.width().mm() + " "
                + p.depth().mm();
    }
}
