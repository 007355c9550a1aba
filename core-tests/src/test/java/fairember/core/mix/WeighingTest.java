package fairember.core.mix;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairember.core.Refusals;
import fairember.core.Samples;
import fairember.core.colour.Face;
import fairember.core.quantity.Mass;
import fairember.core.quantity.Share;
import fairember.core.stock.StockClay;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What is weighed or cut for a mix, and recipes counted in other units. */
public class WeighingTest {
    private static final StockClay BLACK = Samples.clay(3, "Black", Samples.FIRM, "#222426", 30);

    @DataProvider
    public Object[][] lots() {
        return IntStream.range(0, 60).mapToObj(i -> new Object[] {i}).toArray(Object[][]::new);
    }

    private static Mix mix(SplittableRandom random) {
        Mix rose = Samples.ROSE;
        return new Mix(
                9,
                "by lot",
                List.of(
                        Mix.Ingredient.of(Samples.WHITE, random.nextInt(1, 30)),
                        Mix.Ingredient.of(BLACK, random.nextInt(0, 6) / 2.0),
                        Mix.Ingredient.of(rose, random.nextInt(1, 8))));
    }

    @Test(dataProvider = "lots")
    public void onAScaleEveryLineIsWholeStepsAndThereIsEnoughOfIt(int seed) {
        SplittableRandom random = new SplittableRandom(seed);
        Mix mix = mix(random);
        double step = List.of(0.01, 0.1, 0.5, 1.0, 5.0).get(random.nextInt(5));
        Mass wanted = new Mass(random.nextDouble(0.5, 200));
        WeighedMix weighed = Weighing.onScale(mix, wanted, new Mass(step));
        for (WeighedMix.Line line : weighed.lines()) {
            double steps = line.taken().g() / step;
            assertThat(steps).isCloseTo(Math.rint(steps), within(1e-6));
            assertThat(line.taken().g() > 0).isEqualTo(line.ingredient().parts() > 0);
        }
        assertThat(weighed.total().g()).isGreaterThanOrEqualTo(wanted.g() - 1e-6);
        assertThat(weighed.percents().stream().mapToDouble(Double::doubleValue).sum())
                .isCloseTo(100, within(1e-9));
        // No other total that was tried, weighed by the nearest steps, is enough and at most as much with less change.
        double change = cost(weighed);
        assertThat(change).isGreaterThanOrEqualTo(0);
        if (step == 0.01 && wanted.g() > 50) {
            assertThat(change).isLessThan(0.2);
        }
    }

    private static double cost(WeighedMix weighed) {
        return Math.max(
                weighed.change(Face.RAW).total(), weighed.change(Face.CURED).total());
    }

    @Test
    public void aFinerScaleNeverMakesMoreOfADifferenceThanACoarseOne() {
        // 1 part of black in 9 g: 0.9 g. In whole grams 1 of 9; a scale of a tenth has it exactly.
        Mix grey = new Mix(1, "Grey", List.of(Mix.Ingredient.of(Samples.WHITE, 9), Mix.Ingredient.of(BLACK, 1)));
        WeighedMix fine = Weighing.onScale(grey, new Mass(9), new Mass(0.1));
        assertThat(fine.lines()).extracting(l -> l.taken().g()).containsExactly(8.1, 0.9);
        assertThat(cost(fine)).isLessThan(1e-6);
        WeighedMix coarse = Weighing.onScale(grey, new Mass(9), new Mass(1));
        assertThat(coarse.total().g()).isGreaterThanOrEqualTo(9);
        // Ten grams, a ninth more than asked for, are the recipe itself: 9 and 1.
        assertThat(coarse.lines()).extracting(l -> l.taken().g()).containsExactly(9.0, 1.0);
        assertThat(cost(coarse)).isLessThan(1e-6);
    }

    @Test
    public void blocksAreCutInHalvesAndThirdsAndAMixIsWeighed() {
        Mix mix = new Mix(
                1,
                "Light",
                List.of(
                        Mix.Ingredient.of(Samples.WHITE, 2),
                        Mix.Ingredient.of(Samples.RED, 1),
                        Mix.Ingredient.of(Samples.CHALK, 1)));
        WeighedMix weighed = Weighing.inBlockShares(mix, new Mass(100));
        // 50 g of white: a whole block of 50; 25 g of red: half of one; 25 g of chalk as it is.
        assertThat(weighed.lines()).extracting(l -> l.taken().g()).containsExactly(50.0, 25.0, 25.0);
        assertThat(weighed.lines().get(0).share()).isNotNull().satisfies(s -> {
            assertThat(s.whole()).isEqualTo(1);
            assertThat(s.pieces()).isZero();
        });
        assertThat(weighed.lines().get(1).share())
                .isNotNull()
                .satisfies(s -> assertThat(s.pieces()).isEqualTo(2));
        assertThat(weighed.lines().get(2).share()).isNull();
        assertThat(cost(weighed)).isLessThan(1e-6);
    }

    @Test
    public void handsAndMachineAreAddedAndNothingIsMixedForNothing() {
        MixWaste waste = new MixWaste(Share.ofPercent(10), new Mass(3), new Mass(0.1));
        assertThat(waste.toMix(new Mass(50)).g()).isCloseTo(58, within(1e-9));
        assertThat(waste.toMix(Mass.ZERO)).isEqualTo(Mass.ZERO);
        assertThat(Refusals.of(() -> new MixWaste(Share.ofPercent(10), new Mass(51), new Mass(6))))
                .extracting(w -> w.field())
                .containsExactly("machineG", "scaleStepG");
    }

    @Test(dataProvider = "lots")
    public void aRecipeCountedInAnotherUnitKeepsItsShares(int seed) {
        SplittableRandom random = new SplittableRandom(seed);
        int lines = random.nextInt(1, 6);
        List<Double> weights = Stream.generate(() -> (double) random.nextInt(1, 12))
                .limit(lines)
                .toList();
        double sum = weights.stream().mapToDouble(Double::doubleValue).sum();
        List<Double> drops =
                Stream.generate(() -> random.nextInt(2, 7) / 100.0).limit(lines).toList();
        for (MixUnit unit : MixUnit.values()) {
            List<Double> counted = unit.counted(weights, 240, drops);
            List<Double> weigh = IntStream.range(0, lines)
                    .mapToObj(i -> unit == MixUnit.DROPS ? counted.get(i) * drops.get(i) : counted.get(i))
                    .toList();
            double all = weigh.stream().mapToDouble(Double::doubleValue).sum();
            for (int i = 0; i < lines; i++) {
                assertThat(weigh.get(i) / all).as("%s", unit).isCloseTo(weights.get(i) / sum, within(0.003));
            }
        }
        List<Double> parts = MixUnit.PARTS.counted(weights, 240, drops);
        assertThat(parts).allMatch(p -> p * 2 == Math.rint(p * 2));
        // Whole parts come back as they were, or as fewer of the same shares.
        assertThat(MixUnit.PARTS.counted(MixUnit.PERCENT.counted(weights, 240, drops), 240, drops))
                .allMatch(p -> p * 2 == Math.rint(p * 2));
        assertThat(parts.stream().mapToDouble(Double::doubleValue).sum()).isLessThanOrEqualTo(sum);
        assertThat(MixUnit.PERCENT.counted(weights, 240, drops).stream()
                        .mapToDouble(Double::doubleValue)
                        .sum())
                .isCloseTo(100, within(0.3));
    }
}
