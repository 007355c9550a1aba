package fairember.core.outline;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import fairember.core.input.InvalidInputException;
import java.util.SplittableRandom;
import org.assertj.core.api.ThrowableAssert.ThrowingCallable;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Cutters have the width, height and area that their families say. */
public class CutterTest {
    private static Cutter cutter(
            CutterFamily family, double wide, double high, int points, double inner, double corner) {
        return new Cutter(family, wide, high, points, inner, corner);
    }

    /** Areas in closed form, for random measures. */
    private static double area(Cutter c) {
        double r = c.wideMm() / 2;
        double w = c.wideMm();
        double h = c.highMm();
        return switch (c.family()) {
            case ROUND -> Math.PI * r * r;
            case OVAL -> Math.PI * r * h / 2;
            case DROP, PETAL -> {
                double far = h - r;
                double lean = Math.asin(r / far);
                yield r * r * (Math.PI / 2 + lean) + r * Math.sqrt(far * far - r * r);
            }
            case LEAF -> {
                double circle = (h * h + w * w) / (4 * w);
                double half = Math.asin(h / 2 / circle);
                yield circle * circle * (2 * half - Math.sin(2 * half));
            }
            case ARCH -> w * (h - r) + Math.PI * r * r / 2;
            // The integral of the curve is 180 π over its box of 32 by 29.
            case HEART -> 180 * Math.PI * (w / 32) * (h / heartTall());
            case RECTANGLE -> w * h - (4 - Math.PI) * c.cornerMm() * c.cornerMm();
            case POLYGON -> c.points() / 2.0 * r * r * Math.sin(2 * Math.PI / c.points());
            case STAR -> c.points() * r * c.innerMm() / 2 * Math.sin(Math.PI / c.points());
            case RING -> Math.PI * (r * r - c.innerMm() * c.innerMm() / 4);
        };
    }

    private static double heartTall() {
        double top = 0;
        double low = 0;
        for (int i = 0; i < 100_000; i++) {
            double t = 2 * Math.PI * i / 100_000;
            double up = 13 * Math.cos(t) - 5 * Math.cos(2 * t) - 2 * Math.cos(3 * t) - Math.cos(4 * t);
            top = Math.max(top, up);
            low = Math.min(low, up);
        }
        return top - low;
    }

    @DataProvider
    public Object[][] families() {
        CutterFamily[] all = CutterFamily.values();
        Object[][] rows = new Object[all.length][];
        for (int i = 0; i < all.length; i++) {
            rows[i] = new Object[] {all[i]};
        }
        return rows;
    }

    @Test(dataProvider = "families")
    public void anOutlineHasItsMeasures(CutterFamily family) {
        SplittableRandom random = new SplittableRandom(family.ordinal());
        for (int trial = 0; trial < 40; trial++) {
            double wide = random.nextDouble(5, 60);
            double high = wide * random.nextDouble(1.05, 2.5);
            Cutter cutter = cutter(
                    family,
                    wide,
                    high,
                    3 + random.nextInt(10),
                    wide * random.nextDouble(0.3, 0.9),
                    wide * random.nextDouble(0, 0.49));
            CutShape shape = cutter.outline();
            assertThat(shape.area().mm2()).isCloseTo(area(cutter), within(area(cutter) * 0.002));
            if (family != CutterFamily.POLYGON && family != CutterFamily.STAR) {
                assertThat(shape.width().mm()).isCloseTo(wide, within(wide * 0.001));
                assertThat(shape.height().mm()).isCloseTo(family.high() ? high : wide, within(high * 0.002));
            }
        }
    }

    @Test
    public void measuresThatDoNotGoTogetherAreRefused() {
        Object[][] wrong = {
            {cutterOf(CutterFamily.DROP, 30, 30), "wideMm"},
            {cutterOf(CutterFamily.LEAF, 40, 30), "wideMm"},
            {cutterOf(CutterFamily.ARCH, 40, 20), "wideMm"},
        };
        for (Object[] one : wrong) {
            assertThatThrownBy(((ThrowingCallable) one[0])::call)
                    .isInstanceOfSatisfying(
                            InvalidInputException.class,
                            refused ->
                                    assertThat(refused.errors().get(0).field()).isEqualTo(one[1]));
        }
        assertThatThrownBy(() -> cutter(CutterFamily.RING, 20, 20, 5, 20, 0)).isInstanceOf(InvalidInputException.class);
        assertThatThrownBy(() -> cutter(CutterFamily.STAR, 1, 500, 2, 0, -1))
                .isInstanceOfSatisfying(
                        InvalidInputException.class,
                        refused -> assertThat(refused.errors())
                                .extracting(error -> error.field())
                                .contains("wideMm", "highMm", "points", "innerMm", "cornerMm"));
    }

    private static ThrowingCallable cutterOf(CutterFamily family, double wide, double high) {
        return () -> cutter(family, wide, high, 5, 10, 0);
    }
}
