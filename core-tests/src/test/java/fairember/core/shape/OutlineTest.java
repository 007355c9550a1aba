package fairember.core.shape;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What is drawn of a solid is as large as the solid, and as smooth as it says. */
public class OutlineTest {
    @DataProvider
    public Object[][] solids() {
        SplittableRandom random = new SplittableRandom(8);
        return Stream.of(ShapeKind.values())
                .flatMap(kind -> Stream.of(0.3, 1.0, 3.0).map(size -> Scaled.by(Shapes.of(kind, random), size)))
                .map(solid -> new Object[] {solid})
                .toArray(Object[][]::new);
    }

    @Test(dataProvider = "solids")
    public void theFrontFillsTheBoxAndStandsOnTheGround(Solid solid) {
        double left = 0;
        double right = 0;
        double bottom = 1e9;
        double top = 0;
        for (Outline.Point point :
                solid.front().stream().flatMap(o -> o.points().stream()).toList()) {
            left = Math.min(left, point.acrossMm());
            right = Math.max(right, point.acrossMm());
            bottom = Math.min(bottom, point.upMm());
            top = Math.max(top, point.upMm());
        }
        double cord = solid instanceof Strand ? solid.thickestSection().mm() : 0;
        double slack = 2 * Outline.FLATNESS_MM + cord;
        assertThat(right - left).isCloseTo(solid.box().width().mm(), within(slack));
        assertThat(right).isCloseTo(-left, within(slack));
        assertThat(bottom).isCloseTo(0, within(slack));
        assertThat(top).isCloseTo(solid.box().height().mm(), within(slack));
    }

    @Test(dataProvider = "solids")
    public void theSectionIsMirroredAboutTheAxisAndLiesInsideTheBox(Solid solid) {
        double width = solid.box().width().mm();
        for (Outline outline : solid.section()) {
            for (Outline.Point point : outline.points()) {
                double cord = solid instanceof Strand ? solid.thickestSection().mm() : 0;
                assertThat(Math.abs(point.acrossMm())).isLessThanOrEqualTo(width / 2 + cord + 1e-9);
            }
        }
        if (solid instanceof Coil || solid instanceof Mat || solid instanceof Twist) {
            return;
        }
        double sum = solid.section().stream()
                .flatMap(o -> o.points().stream())
                .mapToDouble(Outline.Point::acrossMm)
                .sum();
        assertThat(sum).isCloseTo(0, within(width / 100));
    }

    @Test(dataProvider = "solids")
    public void theThickestBallLiesInsideTheSolidAndTheCentreOfMassTooForFullSolids(Solid solid) {
        InnerBall ball = solid.thickest();
        assertThat(ball.diameter().mm())
                .isLessThanOrEqualTo(solid.box().shortest().mm() + 1e-9);
        assertThat(ball.middle().upMm()).isBetween(0.0, solid.box().height().mm());
        assertThat(solid.centroidHeight().mm())
                .isBetween(0.0, solid.box().height().mm());
        // No solid has less surface than the ball of its volume (isoperimetric inequality): A³ ≥ 36πV².
        double a = solid.surface().mm2();
        double v = solid.volume().mm3();
        assertThat(a * a * a).isGreaterThanOrEqualTo(36 * Math.PI * v * v * (1 - 1e-9));
        assertThat(v)
                .isLessThanOrEqualTo(solid.box().width().mm()
                        * solid.box().depth().mm()
                        * solid.box().height().mm());
    }

    @Test
    public void anArcStaysWithinTwoHundredthsOfAMillimetreOfItsCircle() {
        for (double radius : new double[] {0.5, 3, 40, 200}) {
            List<Outline.Point> points = Curves.circle(radius).points();
            for (int i = 0; i < points.size(); i++) {
                Outline.Point a = points.get(i);
                Outline.Point b = points.get((i + 1) % points.size());
                double middle = Math.hypot((a.acrossMm() + b.acrossMm()) / 2, (a.upMm() + b.upMm()) / 2);
                assertThat(radius - middle).isBetween(0.0, Math.max(Outline.FLATNESS_MM, radius / 12));
            }
            assertThat(points).hasSizeLessThan(800);
        }
    }
}
