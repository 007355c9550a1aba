package fairember.core.design;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.offset;

import fairember.core.Samples;
import fairember.core.advice.Advice;
import fairember.core.bake.BakeRules;
import fairember.core.bake.BakingMethod;
import fairember.core.bake.StageKind;
import fairember.core.heat.Cooling;
import fairember.core.quantity.Minutes;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.Test;

/** The sample seal: eyes set first, then the whole; the studio holds 60 minutes long and sets for 10. */
public class BakingMethodTest {
    private static final BakeRules LONG = new BakeRules(BakingMethod.LONG_AND_LOW, new Minutes(60), new Minutes(10));

    private static MeasuredDesign seal(@Nullable BakingMethod own, BakeRules studio, StageKind... more) {
        Design seal = Samples.seal();
        List<Stage> stages = new ArrayList<>(seal.stages());
        for (StageKind kind : more) {
            stages.add(new Stage("more " + stages.size(), kind, 0, new Minutes(10), true, null));
        }
        Design schooled = new Design(
                seal.id(),
                seal.name(),
                seal.collection(),
                seal.kind(),
                seal.pose(),
                seal.parts(),
                seal.assemblies(),
                stages,
                seal.steps(),
                seal.fittings(),
                seal.checks(),
                seal.armature(),
                seal.price(),
                own,
                null);
        return DesignMeasuring.measure(schooled, Samples.PALETTE, Samples.ROLL, studio);
    }

    private static List<Double> holds(MeasuredDesign design) {
        return design.stages().stream().map(s -> s.need().bakingTime().min()).toList();
    }

    @Test
    public void aDesignIsBakedAsTheStudioBakesUnlessItHasASchoolOfItsOwn() {
        assertThat(holds(seal(null, LONG))).containsExactly(10.0, 60.0);
        assertThat(holds(seal(BakingMethod.PACKET, LONG)).get(1)).isLessThan(60);
        assertThat(holds(seal(BakingMethod.LONG_AND_LOW, Samples.PACKET)).get(1))
                .isEqualTo(60);
    }

    @Test
    public void inTheStagedSchoolOnlyTheLastCureIsFullAndPaintIsSetBriefly() {
        MeasuredDesign staged = seal(BakingMethod.STAGED, LONG, StageKind.FULL_BAKE, StageKind.PAINT);
        double full = holds(seal(BakingMethod.PACKET, LONG)).get(1);
        assertThat(holds(staged)).containsExactly(10.0, 10.0, full, 10.0);
        assertThat(staged.stages().get(2).need().reason()).startsWith("In stages, with one full bake by the packet");
        assertThat(staged.stages().get(3).need().reason()).contains("to set the paint");
    }

    @Test
    public void lightClayThatIsLongInTheHeatIsSaid() {
        MeasuredDesign often = seal(BakingMethod.LONG_AND_LOW, LONG, StageKind.FULL_BAKE, StageKind.FULL_BAKE);
        assertThat(often.advice()).extracting(Advice::rule).contains("light-long");
        assertThat(seal(null, LONG).advice()).extracting(Advice::rule).doesNotContain("light-long");
    }

    @Test
    public void waterCoolsManyTimesAsFastAsTheAir() {
        MeasuredDesign seal = seal(null, LONG);
        double slow = DesignHeating.cooling(seal, 1, Cooling.Way.SLOW).min();
        double quenched = DesignHeating.cooling(seal, 1, Cooling.Way.QUENCH).min();
        assertThat(slow).isGreaterThan(4 * quenched);
        assertThat(slow).isBetween(5.0, 120.0);
        assertThat(quenched).isCloseTo(Math.rint(quenched * 12) / 12, offset(1e-9));
    }
}
