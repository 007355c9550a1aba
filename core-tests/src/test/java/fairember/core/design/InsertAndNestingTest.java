package fairember.core.design;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairember.core.Refusals;
import fairember.core.Samples;
import fairember.core.advice.Advice;
import fairember.core.bake.StageKind;
import fairember.core.input.InputError;
import fairember.core.quantity.Length;
import fairember.core.quantity.Mass;
import fairember.core.quantity.Minutes;
import fairember.core.quantity.Temperature;
import fairember.core.shape.Band;
import fairember.core.shape.Block;
import fairember.core.shape.Facing;
import fairember.core.shape.Solid;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class InsertAndNestingTest {
    private static Insert pick(double across, boolean stays, Double ceiling, String contents) {
        return new Insert(
                "Pick",
                new Length(across),
                new Length(90),
                new Length(20),
                new Mass(2),
                stays,
                ceiling == null ? null : new Temperature(ceiling),
                contents,
                4,
                new Length(2),
                Length.ZERO,
                0,
                -70);
    }

    private static MeasuredDesign of(List<Insert> inserts, Part... parts) {
        return Samples.measured(new Design(
                1,
                "It",
                "",
                DesignKind.TOPPER,
                Pose.STANDS,
                List.of(parts),
                List.of(new Stage("whole", StageKind.FULL_BAKE, new Minutes(20))),
                List.of(),
                List.of(),
                List.of("Own line"),
                new Armature(inserts, List.of(), null),
                null));
    }

    private static Part band(double around) {
        return Samples.part(
                "Socket", new Band(new Length(around), new Length(2), new Length(20)), 1, Samples.CHALK, 0, null);
    }

    /** The clay's window is 125-135: what stays in lowers its upper end, or cannot go into the oven at all. */
    @DataProvider
    public Object[][] ceilings() {
        return new Object[][] {
            {true, 130.0, 130.0, null},
            {true, 125.0, 125.0, null},
            {true, 200.0, 135.0, null},
            {true, null, 135.0, "heat-limit-unknown"},
            {true, 110.0, 110.0, "heat-limit"},
            {false, 110.0, 135.0, null},
        };
    }

    @Test(dataProvider = "ceilings")
    public void whatStaysInKeepsTheOvenUnderItsCeiling(boolean stays, Double ceiling, double high, String rule) {
        MeasuredDesign design = of(List.of(pick(3, stays, ceiling, "")), band(3.128));
        assertThat(design.stages().get(0).need().window().high().c()).isEqualTo(high);
        List<String> rules = design.advice().stream().map(Advice::rule).toList();
        assertThat(rules).isEqualTo(rule == null ? List.of() : List.of(rule));
        assertThat(design.built().g()).isEqualTo(stays ? 2 : 0);
    }

    @Test
    public void whatMustComeOutIsTickedAtTheChecks() {
        assertThat(of(List.of(pick(3, false, null, "ink refill")), band(3.128))
                        .design()
                        .checkLines())
                .extracting(CheckLine::words)
                .containsExactly("Own line", "Take out before baking: ink refill", "Slide out, leave the sleeve: Pick");
        assertThat(of(List.of(pick(3, true, null, "")), band(3.128)).design().checkLines())
                .extracting(CheckLine::words)
                .containsExactly("Own line");
    }

    @Test
    public void aSocketTooTightForItsSleeveIsSaid() {
        assertThat(of(List.of(pick(3, false, null, "")), band(2.8)).advice())
                .extracting(Advice::rule)
                .containsExactly("band-tight");
    }

    private static Part block(String name, double a, double up, Integer around) {
        Solid solid = new Block(new Length(a), new Length(a), new Length(a));
        Placement at = new Placement(0, up, 0, 0, Arrangement.MIRRORED, Facing.UP);
        return new Part(name, solid, 1, Samples.CHALK.id(), BuildPoint.START, 0, null, around, at);
    }

    /** A cube of 10 in one of 16, three all round: 3096 mm³ between, as thick as a corner of three, 6·√3/(1 + √3). */
    @Test
    public void aPartAroundAnotherIsTheClayBetween() {
        MeasuredDesign design = of(List.of(), block("In", 10, 3, null), block("Out", 16, 0, 0));
        MeasuredPart out = design.parts().get(1);
        assertThat(out.portion().clay().mm3()).isCloseTo(3096, within(1e-9));
        assertThat(out.thickest().diameter().mm()).isCloseTo(6 * Math.sqrt(3) / (1 + Math.sqrt(3)), within(1e-9));
        // Both raw in one bake: heat has to cross all of it.
        assertThat(design.stages().get(0).need().thickest().mm()).isEqualTo(16);
        assertThat(of(List.of(), block("In", 10, 8, null), block("Out", 16, 0, 0))
                        .advice())
                .extracting(Advice::rule)
                .contains("nested-out");
    }

    @Test
    public void nestingThatCannotBeIsRefused() {
        assertThat(Refusals.of(() -> of(List.of(), block("In", 10, 3, null), block("Out", 9, 0, 0))))
                .extracting(InputError::field)
                .containsExactly("parts[1].around");
        assertThat(Refusals.of(() -> of(List.of(), block("A", 10, 0, 1), block("B", 20, 0, null))))
                .extracting(InputError::field)
                .containsExactly("parts[0].around");
        assertThat(Refusals.of(() -> pick(3, true, 20.0, "x".repeat(80))))
                .extracting(InputError::field)
                .contains("ceilingC", "contents");
    }
}
