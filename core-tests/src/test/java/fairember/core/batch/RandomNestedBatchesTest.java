package fairember.core.batch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairember.core.Samples;
import fairember.core.bake.StageKind;
import fairember.core.colour.Effect;
import fairember.core.design.Armature;
import fairember.core.design.Design;
import fairember.core.design.DesignKind;
import fairember.core.design.DesignMeasuring;
import fairember.core.design.MeasuredDesign;
import fairember.core.design.Palette;
import fairember.core.design.Part;
import fairember.core.design.Pose;
import fairember.core.design.Stage;
import fairember.core.mix.Inclusion;
import fairember.core.mix.Mix;
import fairember.core.mix.MixWaste;
import fairember.core.quantity.Length;
import fairember.core.quantity.Mass;
import fairember.core.quantity.Minutes;
import fairember.core.quantity.Money;
import fairember.core.quantity.Share;
import fairember.core.shape.Ball;
import fairember.core.stock.StockClay;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Batches of mixes that hold mixes, by lot: every gram that is mixed comes from somewhere and goes somewhere. */
public class RandomNestedBatchesTest {
    @DataProvider
    public Object[][] batches() {
        return IntStream.range(0, 50).mapToObj(i -> new Object[] {i}).toArray(Object[][]::new);
    }

    /** Mixes of which each may hold those before it, up to four deep. */
    private static List<Mix> mixes(SplittableRandom random) {
        List<StockClay> clays = IntStream.rangeClosed(1, 5)
                .mapToObj(id -> Samples.clay(id, "clay " + id, Samples.FIRM, "#%06x".formatted(id * 2_700_001), 20))
                .toList();
        List<Mix> mixes = new ArrayList<>();
        for (int m = 1; m <= 6; m++) {
            List<Mix.Ingredient> parts = new ArrayList<>();
            for (StockClay clay : clays) {
                if (parts.isEmpty() || random.nextInt(3) == 0) {
                    parts.add(Mix.Ingredient.of(clay, random.nextInt(1, 9)));
                }
            }
            for (Mix inner : mixes) {
                if (random.nextInt(3) == 0) {
                    parts.add(Mix.Ingredient.of(inner, random.nextInt(1, 9) / 2.0));
                }
            }
            List<Inclusion> inclusions = random.nextInt(3) > 0
                    ? List.of()
                    : List.of(new Inclusion(
                            "mica", Share.ofPercent(random.nextInt(1, 30)), Effect.SHIMMER, new Money(300)));
            mixes.add(new Mix(m, "mix " + m, parts, inclusions));
        }
        return mixes;
    }

    private static MeasuredDesign design(SplittableRandom random, List<Mix> mixes) {
        List<Part> parts = IntStream.range(0, random.nextInt(1, 5))
                .mapToObj(i -> Samples.part(
                        "part " + i,
                        new Ball(new Length(random.nextDouble(4, 11))),
                        random.nextInt(1, 4),
                        mixes.get(random.nextInt(mixes.size())),
                        0,
                        null))
                .toList();
        Design design = new Design(
                1,
                "Charm",
                "",
                DesignKind.CHARM,
                Pose.STANDS,
                parts,
                List.of(new Stage("whole", StageKind.FULL_BAKE, new Minutes(30))),
                List.of(),
                List.of(),
                List.of(),
                Armature.NONE,
                null);
        return DesignMeasuring.measure(design, new Palette(mixes), Samples.ROLL, Samples.PACKET);
    }

    @Test(dataProvider = "batches")
    public void everyGramComesFromAClayAndGoesIntoADesignAMixOrWaste(int seed) {
        SplittableRandom random = new SplittableRandom(seed);
        MixWaste waste =
                new MixWaste(Share.ofPercent(random.nextInt(0, 30)), new Mass(random.nextInt(0, 4)), new Mass(0.1));
        List<Mix> mixes = mixes(random);
        MeasuredDesign design = design(random, mixes);
        int quantity = random.nextInt(1, 40);
        BatchNeeds needs = BatchNeeding.needs(List.of(new Job(new JobKey(1, 638), design, quantity)), waste);
        double netBefore = design.parts().stream()
                .mapToDouble(p -> p.portion().mass().g() * p.part().count() * quantity)
                .sum();
        assertThat(needs.mixes().stream().mapToDouble(n -> n.net().g()).sum()).isCloseTo(netBefore, within(1e-6));
        Map<Mix, Double> given = new HashMap<>();
        Map<StockClay, Double> taken = new HashMap<>();
        double inclusions = 0;
        List<Mix> before = new ArrayList<>();
        for (BatchNeeds.MixNeed need : needs.mixes()) {
            Mix mix = need.scaled().mix();
            assertThat(need.scaled().wanted().g())
                    .isCloseTo(waste.toMix(need.net()).g() + need.intoOthers().g(), within(1e-6));
            for (var line : need.scaled().lines()) {
                if (line.ingredient() instanceof Mix.OfMix inner) {
                    // What goes in was mixed before.
                    assertThat(before).contains(inner.mix());
                    given.merge(inner.mix(), line.mass().g(), Double::sum);
                } else if (line.ingredient() instanceof Mix.OfClay clay) {
                    taken.merge(clay.clay(), line.mass().g(), Double::sum);
                }
            }
            inclusions +=
                    need.scaled().inclusions().stream().mapToDouble(Mass::g).sum();
            before.add(mix);
        }
        for (BatchNeeds.MixNeed need : needs.mixes()) {
            assertThat(need.intoOthers().g())
                    .isCloseTo(given.getOrDefault(need.scaled().mix(), 0.0), within(1e-6));
        }
        for (BatchNeeds.ClayNeed need : needs.clays()) {
            assertThat(need.needed().g()).isCloseTo(taken.get(need.clay()), within(1e-6));
        }
        assertThat(needs.inclusions().stream().mapToDouble(s -> s.needed().g()).sum())
                .isCloseTo(inclusions, within(1e-6));
        // In all: clay and what is added make what ends up in designs and what is wasted; inner mixes cancel out.
        double mixed = needs.mixes().stream()
                .mapToDouble(n -> waste.toMix(n.net()).g())
                .sum();
        double clay = needs.clays().stream().mapToDouble(c -> c.needed().g()).sum();
        assertThat(clay + inclusions).isCloseTo(mixed, within(1e-6));
    }
}
