package fairember.core.shape;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import java.util.function.DoubleFunction;
import org.assertj.core.data.Percentage;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Cords wound, curled and twisted, against their centre lines walked in small steps, which share no code with them. */
public class StrandTest {
    private static final int STEPS = 100_000;
    private static final Percentage CLOSELY = Percentage.withPercentage(0.01);

    private record Walk(double length, double across, double up) {
        /** Length of a curve for s from 0 to 1 and the mean of where it runs, weighted by length. */
        static Walk along(DoubleFunction<double[]> curve) {
            double length = 0;
            double across = 0;
            double up = 0;
            double[] last = curve.apply(0);
            for (int i = 1; i <= STEPS; i++) {
                double[] next = curve.apply((double) i / STEPS);
                double step = Math.sqrt(Math.pow(next[0] - last[0], 2)
                        + Math.pow(next[1] - last[1], 2)
                        + Math.pow(next[2] - last[2], 2));
                length += step;
                across += step * (next[0] + last[0]) / 2;
                up += step * (next[2] + last[2]) / 2;
                last = next;
            }
            return new Walk(length, across / length, up / length);
        }
    }

    @DataProvider
    public Object[][] strands() {
        SplittableRandom random = new SplittableRandom(4);
        List<Object[]> rows = new ArrayList<>();
        for (ShapeKind kind : List.of(ShapeKind.CORD, ShapeKind.COIL, ShapeKind.SPIRAL, ShapeKind.TWIST)) {
            for (int i = 0; i < 5; i++) {
                rows.add(new Object[] {Shapes.of(kind, random)});
            }
        }
        return rows.toArray(Object[][]::new);
    }

    private static Walk walked(Solid solid) {
        List<Double> d = solid.dimensions();
        double cord = d.get(0);
        return switch (solid.kind()) {
            case CORD -> Walk.along(s -> new double[] {(s - 0.5) * d.get(1), 0, cord / 2});
            case COIL ->
                Walk.along(s -> new double[] {
                    d.get(1) / 2 * Math.cos(2 * Math.PI * d.get(2) * s),
                    d.get(1) / 2 * Math.sin(2 * Math.PI * d.get(2) * s),
                    cord / 2 + d.get(2) * d.get(3) * s
                });
            case SPIRAL ->
                Walk.along(s -> {
                    double turned = 2 * Math.PI * d.get(1) * s;
                    double radius = d.get(2) * turned / (2 * Math.PI);
                    return new double[] {radius * Math.cos(turned), radius * Math.sin(turned), cord / 2};
                });
            case TWIST -> {
                double radius = cord / 2 / Math.sin(Math.PI / d.get(1));
                yield Walk.along(s -> new double[] {
                    (s - 0.5) * d.get(2),
                    radius * Math.cos(2 * Math.PI * d.get(3) * s),
                    radius * Math.sin(2 * Math.PI * d.get(3) * s)
                });
            }
            default -> throw new IllegalArgumentException(solid.toString());
        };
    }

    private static double strandsIn(Solid solid) {
        return solid.kind() == ShapeKind.TWIST ? solid.dimensions().get(1) : 1;
    }

    /** V = n·πd²/4·L, and the thickest clay of a cord is the cord. */
    @Test(dataProvider = "strands")
    public void itsClayIsItsRoundTimesItsLine(Solid solid) {
        double cord = solid.dimensions().get(0);
        double line = walked(solid).length() * strandsIn(solid);
        assertThat(solid.volume().mm3()).isCloseTo(Math.PI * cord * cord / 4 * line, CLOSELY);
        assertThat(solid.thickestSection().mm()).isCloseTo(cord, within(1e-9));
    }

    /** A = n·(πd·L + πd²/2): all round the line, and both ends. */
    @Test(dataProvider = "strands")
    public void itsSurfaceIsAllRoundItsLineAndItsEnds(Solid solid) {
        double cord = solid.dimensions().get(0);
        double line = walked(solid).length();
        double one = Math.PI * cord * line + Math.PI * cord * cord / 2;
        assertThat(solid.surface().mm2()).isCloseTo(strandsIn(solid) * one, CLOSELY);
    }

    @Test(dataProvider = "strands")
    public void itsCentreIsTheMiddleOfItsLine(Solid solid) {
        if (solid.kind() == ShapeKind.TWIST) {
            assertThat(solid.centroidHeight().mm())
                    .isCloseTo(solid.box().height().mm() / 2, within(1e-6));
            return;
        }
        assertThat(solid.centroidHeight().mm()).isCloseTo(walked(solid).up(), within(1e-3));
        if (solid.kind() == ShapeKind.COIL) {
            assertThat(solid.centroid().acrossMm()).isCloseTo(walked(solid).across(), within(1e-3));
        }
    }

    /** A line of the same clay at the same thickness is one cord of that length. */
    @Test(dataProvider = "strands")
    public void aCordOfTheSameLineHasTheSameClay(Solid solid) {
        double cord = solid.dimensions().get(0);
        double line = walked(solid).length() * strandsIn(solid);
        Solid straight = Shapes.make(ShapeKind.CORD, List.of(cord, Math.min(line, 400)));
        double perMm = straight.volume().mm3() / Math.min(line, 400);
        assertThat(solid.volume().mm3() / line).isCloseTo(perMm, CLOSELY);
    }
}
