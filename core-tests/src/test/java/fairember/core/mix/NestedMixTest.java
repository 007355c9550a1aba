package fairember.core.mix;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairember.core.Refusals;
import fairember.core.Samples;
import fairember.core.colour.Colorant;
import fairember.core.colour.ColourDifference;
import fairember.core.colour.Effect;
import fairember.core.colour.Face;
import fairember.core.colour.Lab;
import fairember.core.colour.Opacity;
import fairember.core.colour.Pigment;
import fairember.core.colour.Srgb;
import fairember.core.colour.Strength;
import fairember.core.quantity.Mass;
import fairember.core.quantity.Money;
import fairember.core.quantity.Share;
import fairember.core.stock.Conditioning;
import fairember.core.stock.Lot;
import fairember.core.stock.StockClay;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Mixes that hold mixes, things added, other lots. */
public class NestedMixTest {
    @DataProvider
    public Object[][] seeds() {
        return IntStream.range(0, 40).mapToObj(i -> new Object[] {i}).toArray(Object[][]::new);
    }

    private static StockClay clay(SplittableRandom random, long id) {
        Srgb raw = new Srgb(random.nextInt(256), random.nextInt(256), random.nextInt(256));
        Srgb cured = new Srgb(random.nextInt(256), random.nextInt(256), random.nextInt(256));
        Opacity opacity = Opacity.values()[random.nextInt(3)];
        Pigment pigment = new Pigment(raw, cured, opacity, Strength.values()[random.nextInt(4)]);
        StockClay plain = Samples.clay(id, "clay " + id, Samples.FIRM, "#808080", 40);
        return new StockClay(id, plain.name(), plain.range(), pigment, plain.open(), plain.blocks());
    }

    private static Mix mix(SplittableRandom random, long id, List<Mix> inner) {
        List<Mix.Ingredient> parts = new ArrayList<>();
        for (int c = 1; c <= 5; c++) {
            if (parts.isEmpty() || random.nextBoolean()) {
                parts.add(Mix.Ingredient.of(clay(new SplittableRandom(c), c), random.nextInt(1, 12)));
            }
        }
        inner.forEach(mix -> parts.add(Mix.Ingredient.of(mix, random.nextInt(1, 20) / 2.0)));
        return new Mix(id, "mix " + id, parts);
    }

    @Test(dataProvider = "seeds")
    public void aMixOfMixesIsTheMixOfTheirClays(int seed) {
        SplittableRandom random = new SplittableRandom(seed);
        Mix low = mix(random, 1, List.of());
        Mix middle = mix(random, 2, List.of(low));
        Mix top = mix(random, 3, List.of(low, middle));
        List<Mix.ClayParts> clays = top.clays();
        assertThat(clays.stream().mapToDouble(Mix.ClayParts::parts).sum()).isCloseTo(top.allParts(), within(1e-9));
        assertThat(clays.stream().map(c -> c.clay().id()).distinct()).hasSize(clays.size());
        MeasuredMix measured = MixMeasuring.measure(top, new Mass(120));
        assertThat(measured.portions().stream().mapToDouble(p -> p.mass().g()).sum())
                .isCloseTo(120, within(1e-9));
        assertThat(measured.lines().stream().mapToDouble(l -> l.mass().g()).sum())
                .isCloseTo(120, within(1e-9));
        // Weighing each inner mix out of its own clays gives the same grams of every clay.
        for (MeasuredMix.ClayPortion portion : measured.portions()) {
            double grams = measured.lines().stream()
                    .mapToDouble(line -> line.ingredient() instanceof Mix.OfMix inner
                            ? gramsOf(portion.clay(), MixMeasuring.measure(inner.mix(), line.mass()))
                            : line.ingredient()
                                            .key()
                                            .equals("clay " + portion.clay().id())
                                    ? line.mass().g()
                                    : 0)
                    .sum();
            assertThat(portion.mass().g()).isCloseTo(grams, within(1e-9));
        }
        for (Face face : Face.values()) {
            List<Colorant> byLine = top.ingredients().stream()
                    .map(i -> i instanceof Mix.OfClay of
                            ? of.clay().pigment().colorant(face)
                            : MixMeasuring.measure(((Mix.OfMix) i).mix(), new Mass(1))
                                    .colour()
                                    .of(face)
                                    .colorant())
                    .toList();
            double[] parts = top.ingredients().stream()
                    .mapToDouble(Mix.Ingredient::parts)
                    .toArray();
            Lab whole = Lab.of(Colorant.mix(byLine, parts).thick());
            assertThat(ColourDifference.of(whole, measured.colour().of(face).lab())
                            .total())
                    .isLessThan(1e-6);
        }
    }

    @Test(dataProvider = "seeds")
    public void whatIsInclusionsIntoAnInnerMixIsNoClayOfTheOuterOneAndIsPaidOnce(int seed) {
        SplittableRandom random = new SplittableRandom(seed + 70);
        Inclusion mica = new Inclusion("mica", Share.ofPercent(random.nextInt(1, 50)), Effect.SHIMMER, new Money(900));
        Inclusion sand = new Inclusion("sand", Share.ofPercent(random.nextInt(1, 50)), Effect.STONE, new Money(200));
        Mix low = new Mix(1, "low", mix(random, 1, List.of()).ingredients(), List.of(mica));
        Mix top = new Mix(2, "top", mix(random, 2, List.of(low)).ingredients(), List.of(sand, mica));
        MeasuredMix measured = MixMeasuring.measure(top, new Mass(80));
        double total = top.allParts()
                + top.allParts() * (sand.ofClay().of1() + mica.ofClay().of1());
        double clay =
                measured.portions().stream().mapToDouble(p -> p.mass().g()).sum();
        double inclusions = top.allInclusions().stream()
                        .mapToDouble(Mix.InclusionParts::parts)
                        .sum()
                * 80
                / total;
        assertThat(clay + inclusions).isCloseTo(80, within(1e-9));
        assertThat(top.allInclusions()).hasSize(2);
        assertThat(measured.effects()).containsExactly(Effect.SHIMMER, Effect.STONE);
        // Line by line: the inner mix at its own cost, clays at theirs, its own sand and mica.
        double lines = measured.lines().stream()
                .mapToDouble(line -> line.ingredient() instanceof Mix.OfMix inner
                        ? perGram(inner.mix()) * line.mass().g()
                        : ((Mix.OfClay) line.ingredient()).clay().bestValue().minorPerGram()
                                * line.mass().g())
                .sum();
        double own = measured.inclusions().get(0).g() * 2
                + measured.inclusions().get(1).g() * 9;
        assertThat((double) measured.costOf(new Mass(80)).minor()).isCloseTo(lines + own, within(0.6));
    }

    private static double perGram(Mix mix) {
        return MixMeasuring.measure(mix, new Mass(1))
                        .costOf(new Mass(1_000_000))
                        .minor()
                / 1e6;
    }

    private static double gramsOf(StockClay clay, MeasuredMix mix) {
        return mix.portions().stream()
                .filter(p -> p.clay().equals(clay))
                .mapToDouble(p -> p.mass().g())
                .sum();
    }

    @Test
    public void whatIsInclusionsInIsWeighedPaidAndSaidButNotPainted() {
        Inclusion mica = new Inclusion("mica", Share.ofPercent(20), Effect.SHIMMER, new Money(500));
        Inclusion beads = new Inclusion("beads", Share.ofPercent(5), Effect.GLITTER, new Money(0));
        Mix plain = Samples.ROSE;
        Mix inclusions = new Mix(5, "Rose", plain.ingredients(), List.of(mica, beads));
        // 125 g = 100 g of clay, 20 g of mica at 5.00 for 100 g, 5 g of beads; 75 g and 25 g at 600/200 g.
        MeasuredMix measured = MixMeasuring.measure(inclusions, new Mass(125));
        assertThat(measured.portions()).extracting(p -> p.mass().g()).containsExactly(75.0, 25.0);
        assertThat(measured.inclusions()).extracting(Mass::g).containsExactly(20.0, 5.0);
        assertThat(measured.costOf(new Mass(125)).minor()).isEqualTo(300 + 100);
        assertThat(measured.costOf(new Mass(250)).minor()).isEqualTo(800);
        assertThat(measured.effects()).containsExactly(Effect.SHIMMER, Effect.GLITTER);
        assertThat(measured.colour())
                .isEqualTo(MixMeasuring.measure(plain, new Mass(1)).colour());
        assertThat(Refusals.of(() -> new Inclusion(" ", Share.ofPercent(0), Effect.STONE, new Money(-1))))
                .extracting(w -> w.field())
                .containsExactly("name", "percent", "priceMinor");
    }

    @Test
    public void anotherLotIsSaidOfTheMixByAsMuchAsItChangesIt() {
        Pigment usual = Samples.RED.pigment();
        Pigment browner = usual.ofLot(Srgb.parse("hex", "#9a3b2b"), Srgb.parse("hex", "#8a3222"));
        StockClay other = new StockClay(
                2,
                "Red",
                Samples.FIRM,
                browner,
                Mass.ZERO,
                Samples.RED.blocks(),
                true,
                new Lot("26-B", usual),
                null,
                Conditioning.USUAL);
        MeasuredMix measured = MixMeasuring.measure(
                new Mix(1, "Rose", List.of(Mix.Ingredient.of(Samples.WHITE, 3), Mix.Ingredient.of(other, 1))),
                new Mass(10));
        LotShift shift = LotShift.of(measured).orElseThrow();
        assertThat(shift.clays()).containsExactly(other);
        MeasuredMix before = MixMeasuring.measure(Samples.ROSE, new Mass(10));
        assertThat(shift.cured().total())
                .isEqualTo(ColourDifference.of(
                                before.colour().cured().lab(),
                                measured.colour().cured().lab())
                        .total())
                .isPositive();
        assertThat(LotShift.ofClay(other, Face.RAW).total())
                .isEqualTo(
                        ColourDifference.of(Lab.of(usual.raw()), Lab.of(browner.raw()))
                                .total(),
                        within(1e-6));
        assertThat(LotShift.of(before)).isEmpty();
    }

    @Test(dataProvider = "seeds")
    public void lumpsKneadedTogetherKeepEveryGramOfEveryClay(int seed) {
        SplittableRandom random = new SplittableRandom(seed);
        List<Lump.Taken> taken = new ArrayList<>();
        for (int i = 0; i < 2 + random.nextInt(4); i++) {
            Lump lump = new Lump("lump " + i, new Mass(random.nextDouble(1, 50)), mix(random, i, List.of()));
            taken.add(new Lump.Taken(lump, lump.mass().times(random.nextDouble(0.1, 1))));
        }
        Lump merged = Lump.merge("together", taken);
        assertThat(merged.mass().g())
                .isCloseTo(taken.stream().mapToDouble(t -> t.mass().g()).sum(), within(1e-9));
        MeasuredMix whole = MixMeasuring.measure(merged.mix(), merged.mass());
        for (MeasuredMix.ClayPortion portion : whole.portions()) {
            double grams = taken.stream()
                    .mapToDouble(t -> gramsOf(
                            portion.clay(), MixMeasuring.measure(t.lump().mix(), t.mass())))
                    .sum();
            assertThat(portion.mass().g()).isCloseTo(grams, within(1e-9));
        }
        assertThat(Refusals.of(() -> Lump.merge("one", taken.subList(0, 1)))
                        .get(0)
                        .field())
                .isEqualTo("takes");
        Lump first = taken.get(0).lump();
        assertThat(Refusals.of(() -> new Lump.Taken(first, first.mass().times(1.01)))
                        .get(0)
                        .field())
                .isEqualTo("massG");
    }
}
