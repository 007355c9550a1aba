package fairember.core.design;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.withinPercentage;

import fairember.core.Samples;
import fairember.core.advice.Advice;
import fairember.core.bake.StageKind;
import fairember.core.quantity.Length;
import fairember.core.quantity.Mass;
import fairember.core.quantity.Minutes;
import fairember.core.shape.Ball;
import fairember.core.shape.Block;
import fairember.core.shape.Cone;
import fairember.core.shape.Solid;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What an insert takes out of the clay it passes through. */
public class BoringTest {
    private static Insert stick(double thick, double acrossMm, double fromMm, double longMm) {
        return new Insert(
                "Stick",
                new Length(thick),
                new Length(longMm),
                new Length(1),
                new Mass(1),
                false,
                null,
                "",
                0,
                new Length(2),
                Length.ZERO,
                acrossMm,
                fromMm);
    }

    private static MeasuredDesign on(Insert stick, Part... parts) {
        return Samples.measured(new Design(
                1,
                "It",
                "",
                DesignKind.FIGURINE,
                Pose.STANDS,
                List.of(parts),
                List.of(new Stage("whole", StageKind.FULL_BAKE, new Minutes(20))),
                List.of(),
                List.of(),
                List.of(),
                new Armature(stick == null ? List.of() : List.of(stick), List.of(), null),
                null));
    }

    private static Part of(Solid solid) {
        return Samples.part("It", solid, 1, Samples.CHALK, 0, null);
    }

    /** A solid, a stick, and what the stick takes by its formula. */
    @DataProvider
    public Object[][] bores() {
        double ring = Math.sqrt(40 * 40 - 10 * 10);
        double a = 3;
        return new Object[][] {
            // What is left of a ball with a bore through its middle depends on the length of the bore alone: π·L³/6.
            {new Ball(new Length(40)), stick(10, 0, -20, 100), Math.PI / 6 * (40 * 40 * 40 - ring * ring * ring)},
            {new Ball(new Length(40)), stick(0.5, 0, -20, 100), Math.PI / 4 * 0.25 * 40},
            {new Block(new Length(30), new Length(30), new Length(20)), stick(8, 6, 12, 100), Math.PI * 16 * 8},
            {new Block(new Length(30), new Length(30), new Length(20)), stick(8, 15, -5, 100), Math.PI * 16 * 20 / 2},
            // A cone of 20 at its foot and 30 high, bored by 6: a rod up to where it is as wide, and its own top.
            {
                new Cone(new Length(20), new Length(30)),
                stick(6, 0, -5, 100),
                Math.PI * a * a * 21 + Math.PI * a * a * 9 / 3
            },
        };
    }

    @Test(dataProvider = "bores")
    public void aBoreTakesItsRoomOutOfTheClay(Solid solid, Insert stick, double taken) {
        MeasuredDesign whole = on(null, of(solid));
        MeasuredDesign bored = on(stick, of(solid));
        MeasuredPart part = bored.parts().get(0);
        assertThat(part.bored().mm3()).isCloseTo(taken, withinPercentage(0.4));
        assertThat(part.portion().clay().mm3() + part.bored().mm3())
                .isCloseTo(solid.volume().mm3(), withinPercentage(1e-9));
        assertThat(part.portion().clay().mm3()).isCloseTo(solid.volume().mm3() - taken, withinPercentage(0.1));
        assertThat(part.thickest().diameter()).isLessThanOrEqualTo(solid.thickestSection());
        assertThat(bored.stages().get(0).need().bakingTime())
                .isLessThanOrEqualTo(whole.stages().get(0).need().bakingTime());
        assertThat(bored.stages().get(0).mass().g())
                .isLessThan(whole.stages().get(0).mass().g());
    }

    /** A rod through the middle of a ball leaves (D − d)/2 across, never the ball's D. */
    @Test
    public void theThickestIsWhatIsLeftBesideTheBore() {
        MeasuredPart part =
                on(stick(10, 0, -20, 100), of(new Ball(new Length(40)))).parts().get(0);
        assertThat(part.thickest().diameter().mm()).isCloseTo(15, withinPercentage(5));
        MeasuredPart beside = on(stick(10, 60, -20, 100), of(new Ball(new Length(40))))
                .parts()
                .get(0);
        assertThat(beside.thickest().diameter().mm()).isEqualTo(40);
        assertThat(beside.bored().mm3()).isZero();
    }

    @Test
    public void aBoreWiderThanTheFormIsMarkedAndTheRestGoesOn() {
        MeasuredDesign design = on(
                stick(30, 0, -20, 100),
                of(new Ball(new Length(12))),
                of(new Block(new Length(60), new Length(60), new Length(20))));
        assertThat(design.parts().get(0).advice()).extracting(Advice::rule).contains("bore-wide");
        assertThat(design.parts().get(1).advice()).extracting(Advice::rule).doesNotContain("bore-wide");
        assertThat(design.parts().get(1).bored().mm3()).isCloseTo(Math.PI * 225 * 20, withinPercentage(0.2));
    }
}
