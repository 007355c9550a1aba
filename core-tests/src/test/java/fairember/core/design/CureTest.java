package fairember.core.design;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairember.core.Samples;
import fairember.core.advice.Advice;
import fairember.core.advice.Grade;
import fairember.core.bake.BakeRules;
import fairember.core.bake.BakingMethod;
import fairember.core.bake.StageKind;
import fairember.core.quantity.Length;
import fairember.core.quantity.Minutes;
import fairember.core.shape.Ball;
import java.util.Arrays;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What cures and for how long: the packet says, the heat has to agree, and only raw clay is counted. */
public class CureTest {
    private static final BakeRules BY_HEAT =
            new BakeRules(BakingMethod.PACKET, new Minutes(60), new Minutes(10), new Minutes(10), true);

    private static MeasuredDesign of(BakeRules rules, List<Stage> stages, Part... parts) {
        Design design = new Design(
                1,
                "It",
                "",
                DesignKind.FIGURINE,
                Pose.STANDS,
                List.of(parts),
                stages,
                List.of(),
                List.of(),
                List.of(),
                Armature.NONE,
                null);
        return DesignMeasuring.measure(design, Samples.PALETTE, Samples.ROLL, rules);
    }

    private static List<Stage> bakes(StageKind... kinds) {
        return Arrays.stream(kinds)
                .map(kind -> new Stage("bake " + kind, kind, new Minutes(20)))
                .toList();
    }

    private static Part ball(double diameter, Double shell, int stage) {
        return Samples.part("Ball", new Ball(new Length(diameter)), 1, Samples.CHALK, stage, shell);
    }

    private static List<String> rules(MeasuredDesign design) {
        return design.advice().stream().map(Advice::rule).toList();
    }

    /** A ball of 45 with a shell of 5: 12.5 min by its section, so the packet's least; its foil and clay are not hot by then. */
    @Test
    public void aBakeThatCountsNothingIsSaidWithTheMinutesThatWouldDo() {
        Part body = Samples.part("Body", new Ball(new Length(45)), 1, Samples.CHALK, 0, 5.0);
        MeasuredDesign design = of(Samples.PACKET, bakes(StageKind.FULL_BAKE), body);
        MeasuredStage stage = design.stages().get(0);
        assertThat(stage.need().bakingTime().min()).isEqualTo(15);
        assertThat(stage.heat().counting().min()).isZero();
        double near = stage.heat().near().min();
        assertThat(stage.heat().planned().min()).isCloseTo(1.15 * near + 10, within(1e-9));
        assertThat(design.advice())
                .filteredOn(f -> f.rule().equals("heat-none"))
                .singleElement()
                .satisfies(f -> assertThat(f.grade()).isEqualTo(Grade.STOP))
                .satisfies(f -> assertThat(f.fix()).contains(" min"));
        MeasuredDesign saved = of(BY_HEAT, bakes(StageKind.FULL_BAKE), body);
        assertThat(saved.stages().get(0).need().bakingTime().min())
                .isEqualTo(stage.heat().planned().min());
        assertThat(rules(saved)).doesNotContain("heat-none", "heat-short");
        assertThat(DesignHeating.counting(
                                saved.stages().get(0),
                                125,
                                saved.stages().get(0).need().bakingTime(),
                                fairember.core.heat.Air.STILL)
                        .min())
                .isGreaterThan(9.9);
    }

    /** A ball of 20 is cured for 50 min; glued to it later, one of 8 is raw alone and needs the packet's 20. */
    @Test
    public void aLaterBakeIsTimedByWhatIsNew() {
        MeasuredDesign glued =
                of(Samples.PACKET, bakes(StageKind.FULL_BAKE, StageKind.FULL_BAKE), ball(20, 5.0, 0), ball(8, null, 1));
        assertThat(glued.stages().get(1).need().thickest().mm()).isEqualTo(8);
        assertThat(glued.stages().get(1).need().bakingTime().min()).isEqualTo(20);
        // A short set cures nothing: all of it is raw in the bake that does.
        MeasuredDesign set = of(
                Samples.PACKET, bakes(StageKind.PART_BAKE, StageKind.FULL_BAKE), ball(10, null, 0), ball(8, null, 1));
        assertThat(set.stages().get(1).need().thickest().mm()).isEqualTo(10);
        MeasuredDesign again = of(Samples.PACKET, bakes(StageKind.FULL_BAKE, StageKind.FULL_BAKE), ball(10, null, 0));
        assertThat(again.stages().get(1).need().reason()).contains("Nothing in this bake is raw");
        assertThat(again.stages().get(1).need().bakingTime().min()).isEqualTo(15);
    }

    @Test
    public void setsAloneCureNothing() {
        MeasuredDesign weak = of(Samples.PACKET, bakes(StageKind.PART_BAKE, StageKind.PART_BAKE), ball(8, null, 0));
        assertThat(weak.advice())
                .filteredOn(f -> f.rule().equals("never-cured"))
                .singleElement()
                .extracting(Advice::grade)
                .isEqualTo(Grade.STOP);
    }

    /** Over the packet's 12 mm, but too small for a core: it is baked longer. */
    @Test
    public void aSmallThickPartIsBakedLongerAndALargeOneGetsACore() {
        for (double diameter : new double[] {13, 16}) {
            assertThat(rules(of(Samples.PACKET, bakes(StageKind.FULL_BAKE), ball(diameter, null, 0))))
                    .contains("bake-longer")
                    .doesNotContain("core-wanted");
        }
        assertThat(rules(of(Samples.PACKET, bakes(StageKind.FULL_BAKE), ball(20, null, 0))))
                .contains("core-wanted");
        // 0.2 mm of foil in a ball of 24 saves nothing.
        assertThat(rules(of(Samples.PACKET, bakes(StageKind.FULL_BAKE), ball(24, 11.9, 0))))
                .contains("core-pointless");
    }

    @Test
    public void theMostMinutesAreThePacketsThoughTheHoldIsLonger() {
        MeasuredDesign thick = of(Samples.PACKET, bakes(StageKind.FULL_BAKE), ball(60, null, 0));
        assertThat(thick.stages().get(0).need().bakingTime().min()).isEqualTo(150);
        assertThat(thick.stages().get(0).need().most().min()).isEqualTo(90);
        assertThat(thick.stages().get(0).need().cap().min()).isEqualTo(150);
        assertThat(rules(thick)).contains("hold-long");
    }

    @DataProvider
    public Object[][] kinds() {
        return Arrays.stream(DesignKind.values()).map(k -> new Object[] {k}).toArray(Object[][]::new);
    }

    @Test(dataProvider = "kinds")
    public void everyTemplateBeginsWithABakeThatCounts(DesignKind kind) {
        Design template = DesignTemplates.of(kind, Samples.CHALK.id());
        for (MeasuredStage stage : Samples.measured(template).stages()) {
            assertThat(stage.heat().counting().min()).as(kind.name()).isGreaterThan(8);
        }
    }
}
