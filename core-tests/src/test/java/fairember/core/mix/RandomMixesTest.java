package fairember.core.mix;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairember.core.Samples;
import fairember.core.colour.Effect;
import fairember.core.colour.Habit;
import fairember.core.colour.Opacity;
import fairember.core.colour.Pigment;
import fairember.core.colour.Srgb;
import fairember.core.colour.Strength;
import fairember.core.quantity.Density;
import fairember.core.quantity.Mass;
import fairember.core.quantity.Money;
import fairember.core.stock.BlockSize;
import fairember.core.stock.ClayRange;
import fairember.core.stock.StockClay;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Recipes by lot: what has to baking time of any mix, whatever is in it. */
public class RandomMixesTest {
    private static final int CLAYS = 8;

    @DataProvider
    public Object[][] mixes() {
        return IntStream.range(0, 60).mapToObj(seed -> new Object[] {seed}).toArray(Object[][]::new);
    }

    private static StockClay clay(SplittableRandom random, int id) {
        Srgb raw = new Srgb(random.nextInt(256), random.nextInt(256), random.nextInt(256));
        Srgb cured = new Srgb(raw.red() * 9 / 10, raw.green() * 9 / 10, raw.blue() * 9 / 10);
        Pigment pigment = new Pigment(
                raw,
                cured,
                Opacity.values()[random.nextInt(3)],
                Strength.values()[random.nextInt(4)],
                Effect.values()[id % 5 == 0 ? random.nextInt(4) : 0],
                Habit.NONE);
        ClayRange firm = Samples.FIRM;
        ClayRange line = new ClayRange(firm.id(), firm.name(), firm.window(), new Density(random.nextDouble(1.4, 2.2)));
        return new StockClay(
                id,
                "clay " + id,
                line,
                pigment,
                new Mass(random.nextInt(200)),
                List.of(new BlockSize(new Mass(57), new Money(100 + random.nextInt(400)), random.nextInt(4))));
    }

    private static List<Mix.OfClay> ingredients(SplittableRandom random) {
        List<Mix.OfClay> all = new ArrayList<>();
        for (int id = 1; id <= CLAYS; id++) {
            if (all.isEmpty() || random.nextInt(3) == 0) {
                all.add(Mix.Ingredient.of(clay(random, id), random.nextInt(1, 25) / 2.0));
            }
        }
        return all;
    }

    @Test(dataProvider = "mixes")
    public void gramsAddUpAndDensityAndCostLieBetweenThoseOfTheClays(int seed) {
        SplittableRandom random = new SplittableRandom(seed);
        List<Mix.OfClay> in = ingredients(random);
        Mass wanted = new Mass(random.nextDouble(0.5, 900));
        MeasuredMix mix = MixMeasuring.measure(new Mix(1, "by lot", in), wanted);
        assertThat(mix.portions().stream().mapToDouble(p -> p.mass().g()).sum())
                .isCloseTo(wanted.g(), within(1e-9 * wanted.g()));
        double[] densities = in.stream()
                .mapToDouble(i -> i.clay().range().density().gPerCm3())
                .sorted()
                .toArray();
        assertThat(mix.density().gPerCm3()).isBetween(densities[0] - 1e-9, densities[densities.length - 1] + 1e-9);
        double[] prices = in.stream()
                .mapToDouble(i -> i.clay().bestValue().minorPerGram() * wanted.g())
                .sorted()
                .toArray();
        assertThat((double) mix.costOf(wanted).minor()).isBetween(prices[0] - 1, prices[prices.length - 1] + 1);
        // Volumes add: what the mix takes up is what its clays take up.
        double volume = mix.portions().stream()
                .mapToDouble(p -> p.mass().g() / p.clay().range().density().gPerCm3())
                .sum();
        assertThat(wanted.g() / mix.density().gPerCm3()).isCloseTo(volume, within(1e-9 * volume));
    }

    @Test(dataProvider = "mixes")
    public void orderAndScaleOfThePartsChangeNothing(int seed) {
        SplittableRandom random = new SplittableRandom(seed + 1000);
        List<Mix.OfClay> in = ingredients(random);
        List<Mix.OfClay> turned = new ArrayList<>(
                in.stream().map(i -> Mix.Ingredient.of(i.clay(), 3 * i.parts())).toList());
        Collections.reverse(turned);
        MeasuredMix one = MixMeasuring.measure(new Mix(1, "one", in), new Mass(50));
        MeasuredMix other = MixMeasuring.measure(new Mix(2, "other", turned), new Mass(50));
        assertThat(other.colour().raw().srgb()).isEqualTo(one.colour().raw().srgb());
        assertThat(other.colour().cured().srgb()).isEqualTo(one.colour().cured().srgb());
        assertThat(other.colour().effects()).isEqualTo(one.colour().effects());
        assertThat(other.density().gPerCm3()).isCloseTo(one.density().gPerCm3(), within(1e-9));
        for (int i = 0; i < in.size(); i++) {
            assertThat(other.portions().get(in.size() - 1 - i).mass().g())
                    .isCloseTo(one.portions().get(i).mass().g(), within(1e-9));
        }
    }

    @Test(dataProvider = "mixes")
    public void effectsAreThoseOfTheClaysThatAreReallyIn(int seed) {
        SplittableRandom random = new SplittableRandom(seed + 2000);
        List<Mix.OfClay> in = new ArrayList<>(ingredients(random));
        Mix.OfClay shiny = Mix.Ingredient.of(
                new StockClay(
                        99,
                        "shiny",
                        Samples.FIRM,
                        new Pigment(
                                new Srgb(120, 110, 60),
                                new Srgb(110, 100, 50),
                                Opacity.HALF,
                                Strength.NORMAL,
                                Effect.GLITTER,
                                Habit.NONE),
                        new Mass(10),
                        List.of(new BlockSize(new Mass(57), new Money(300), 1))),
                seed % 2);
        in.add(shiny);
        List<Effect> effects =
                MixMeasuring.measure(new Mix(1, "x", in), new Mass(5)).colour().effects();
        boolean others = in.stream()
                .filter(i -> i != shiny)
                .anyMatch(i -> i.clay().pigment().effect() == Effect.GLITTER);
        assertThat(effects.contains(Effect.GLITTER)).isEqualTo(seed % 2 == 1 || others);
        assertThat(effects).doesNotContain(Effect.PLAIN).doesNotHaveDuplicates().isSorted();
    }
}
