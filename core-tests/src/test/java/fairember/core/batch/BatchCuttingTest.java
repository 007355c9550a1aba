package fairember.core.batch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairember.core.Samples;
import fairember.core.blockcutting.CuttingPlan;
import fairember.core.design.DesignKind;
import fairember.core.design.DesignTemplates;
import fairember.core.design.MeasuredDesign;
import fairember.core.mix.MixWaste;
import fairember.core.quantity.Length;
import fairember.core.quantity.Money;
import fairember.core.quantity.Share;
import fairember.core.wire.Gauge;
import fairember.core.wire.Metal;
import fairember.core.wire.WireCoil;
import java.util.List;
import org.testng.annotations.Test;

public class BatchCuttingTest {
    private static double cut(CuttingPlan plan) {
        return plan.opened().stream()
                .flatMap(o -> o.groups().stream())
                .mapToDouble(g -> g.size() * g.count())
                .sum();
    }

    /** Ten seals: 20 eyes of white alone, straight from the opened 100 g; 10 bodies of rose, from the lump with its waste. */
    @Test
    public void aClayAloneIsCutFromItsBlocksAndAMixFromItsLump() {
        Job job = new Job(new JobKey(1, 97), Samples.measured(Samples.seal()), 10);
        BatchNeeds needs = BatchNeeding.needs(List.of(job), MixWaste.ofHands(Share.ofPercent(10)));
        List<BatchCutting.MixCut> cuts = BatchCutting.portions(needs);
        assertThat(cuts).extracting(c -> c.mix().mix().name()).containsExactly("Rose", "Chalk");
        BatchCutting.MixCut rose = cuts.get(0);
        assertThat(rose.fromBlocks()).isFalse();
        assertThat(rose.plan().opened().get(0).stick().size()).isCloseTo(387.46 * 1.1, within(0.01));
        assertThat(cut(rose.plan())).isCloseTo(387.46, within(0.01));
        BatchCutting.MixCut chalk = cuts.get(1);
        assertThat(chalk.fromBlocks()).isTrue();
        // 6.79 g fit the block of 50 with less left over than the opened 100.
        assertThat(chalk.plan().opened()).singleElement().satisfies(o -> {
            assertThat(o.stick().name()).isEqualTo("block of 50 g");
            assertThat(o.groups().get(0).count()).isEqualTo(20);
        });
        assertThat(chalk.plan().missing()).isZero();
    }

    /** Two rests of one name are two coils: what is left of each is counted once, whichever was cut. */
    @Test
    public void coilsOfOneNameAreTakenOnceEach() {
        MeasuredDesign doll = Samples.measured(DesignTemplates.of(DesignKind.FIGURINE, Samples.CHALK.id()));
        List<Job> jobs = List.of(new Job(new JobKey(1, 97), doll, 12));
        List<WireCoil> rests = List.of(rest(200), rest(200), rest(450));
        List<BatchCutting.WireCut> cuts = BatchCutting.wires(jobs, rests);
        List<List<Length>> left = BatchCutting.leftOf(rests, cuts);
        assertThat(left).hasSize(3);
        int opened = cuts.get(0).plan().opened().size();
        assertThat(left.stream().mapToInt(List::size).sum()).isEqualTo(opened);
        assertThat(left).allSatisfy(ofCoil -> assertThat(ofCoil).hasSizeLessThanOrEqualTo(1));
        // 12 of 30 mm: what is gone from the coils that were cut is what was cut.
        double gone = 0;
        for (int i = 0; i < rests.size(); i++) {
            for (Length rest : left.get(i)) {
                gone += rests.get(i).length().mm() - rest.mm();
            }
        }
        assertThat(gone).isCloseTo(360, within(1e-6));
        assertThat(rest(450).rest(new Length(300)).name()).isEqualTo("Rest of steel");
    }

    private static WireCoil rest(double mm) {
        return new WireCoil("Rest of steel", new Gauge(1), Metal.STEEL, new Length(mm), 1, Money.ZERO);
    }

    @Test
    public void wiresAreCutFromCoilsOfTheirOwnKind() {
        MeasuredDesign doll = Samples.measured(DesignTemplates.of(DesignKind.FIGURINE, Samples.CHALK.id()));
        List<Job> jobs = List.of(new Job(new JobKey(1, 97), doll, 40));
        WireCoil steel = new WireCoil("Steel 1 mm", new Gauge(1), Metal.STEEL, new Length(1000), 1, new Money(200));
        WireCoil copper = new WireCoil("Copper 1 mm", new Gauge(1), Metal.COPPER, new Length(9000), 1, new Money(200));
        BatchCutting.WireCut cut =
                BatchCutting.wires(jobs, List.of(copper, steel)).get(0);
        // 33 of 30 mm come from a metre; 7 are missing.
        assertThat(cut.plan().opened()).extracting(o -> o.stick().name()).containsExactly("Steel 1 mm, 1");
        assertThat(cut.plan().missing()).isCloseTo(210, within(1e-9));
        assertThat(cut.plan().leftOver()).isCloseTo(10, within(1e-9));
    }
}
