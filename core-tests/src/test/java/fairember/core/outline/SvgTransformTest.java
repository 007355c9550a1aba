package fairember.core.outline;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.SplittableRandom;
import org.assertj.core.data.Percentage;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Outlines drawn many settings are one outline: transforms, units, view boxes, relative and absolute commands. */
public class SvgTransformTest {
    private static final Percentage CLOSELY = Percentage.withPercentage(1e-3);
    private static final Percentage FLATTENED = Percentage.withPercentage(0.5);

    private static double area(String body) {
        return SvgReading.read(
                        "<svg xmlns='http://www.w3.org/2000/svg' width='200mm' height='200mm' viewBox='0 0 200 200'>"
                                + body + "</svg>")
                .area()
                .mm2();
    }

    private static String f(String format, Object... values) {
        return String.format(Locale.ROOT, format, values);
    }

    /** a, b, c, d, e, f of affine maps that keep a drawing of some size. */
    @DataProvider
    public Object[][] maps() {
        SplittableRandom random = new SplittableRandom(12);
        List<Object[]> rows = new ArrayList<>();
        while (rows.size() < 25) {
            double[] m = random.doubles(6, -1.5, 1.5).toArray();
            if (Math.abs(m[0] * m[3] - m[1] * m[2]) > 0.4) {
                rows.add(new Object[] {m});
            }
        }
        return rows.toArray(Object[][]::new);
    }

    private static String matrix(double[] m) {
        return f("matrix(%f %f %f %f %f %f)", m[0], m[1], m[2], m[3], 40 * m[4], 40 * m[5]);
    }

    /** Areas follow the determinant: 20 × 30; π·12²; π·9·14; a pentagon by the shoelace sum. */
    @Test(dataProvider = "maps")
    public void anAffineMapMultipliesTheAreaByItsDeterminant(double[] m) {
        double det = Math.abs(m[0] * m[3] - m[1] * m[2]);
        String by = " transform='" + matrix(m) + "'/>";
        assertThat(area("<rect x='3' y='4' width='20' height='30'" + by)).isCloseTo(600 * det, CLOSELY);
        assertThat(area("<circle cx='5' cy='6' r='12'" + by)).isCloseTo(144 * Math.PI * det, FLATTENED);
        assertThat(area("<ellipse cx='5' cy='6' rx='9' ry='14'" + by)).isCloseTo(126 * Math.PI * det, FLATTENED);
        assertThat(area("<polygon points='0,0 30,0 40,20 15,35 0,20'" + by)).isCloseTo(1000 * det, CLOSELY);
    }

    /** A group inside a group is the product of both. */
    @Test(dataProvider = "maps")
    public void groupsInGroupsMultiply(double[] m) {
        double det = Math.abs(m[0] * m[3] - m[1] * m[2]);
        String inner = "<g transform='rotate(33) scale(2 0.5)'><g transform='skewX(20) translate(3 -7)'>"
                + "<rect width='20' height='30'/></g></g>";
        assertThat(area("<g transform='" + matrix(m) + "'>" + inner + "</g>")).isCloseTo(600 * det, CLOSELY);
    }

    /** The same corners given by absolute and by relative commands, and by the short ones for level and upright lines. */
    @Test
    public void relativeAndAbsoluteCommandsDrawTheSame() {
        SplittableRandom random = new SplittableRandom(3);
        for (int i = 0; i < 20; i++) {
            double w = random.nextDouble(5, 60);
            double h = random.nextDouble(5, 60);
            double n = random.nextDouble(1, 4);
            double expected = w * h - n * n;
            String absolute = f(
                    "M10 10H%f V%f H10 V%f H%f V%f H10 Z",
                    10 + w, 10 + h, 10 + h / 2 + n / 2, 10 + n, 10 + h / 2 - n / 2);
            String relative = f("m10 10h%f v%f h%f v%f h%f v%f h%f z", w, h, -w, -(h - n) / 2, n, -n, -n);
            String lines = f(
                    "M10 10L%f 10 %f %f 10 %f 10 %f %f %f %f %f 10 %f Z",
                    10 + w,
                    10 + w,
                    10 + h,
                    10 + h,
                    10 + h / 2 + n / 2,
                    10 + n,
                    10 + h / 2 + n / 2,
                    10 + n,
                    10 + h / 2 - n / 2,
                    10 + h / 2 - n / 2);
            for (String path : List.of(absolute, relative, lines)) {
                assertThat(area("<path d='" + path + "'/>")).as(path).isCloseTo(expected, CLOSELY);
            }
        }
    }

    /** A square of 10 mm in each unit: 1 in is 25.4 mm, 96 px, 72 pt, 6 pc. */
    @Test
    public void unitsAreWhatTheyAreOnPaper() {
        String[][] given = {
            {"10mm", "10"}, {"1cm", "10"}, {"37.795275590551185px", "10"}, {"28.346456692913385pt", "10"}
        };
        for (String[] size : given) {
            String svg =
                    "<svg xmlns='http://www.w3.org/2000/svg' width='%s' height='%s' viewBox='0 0 5 5'><rect width='5' height='5'/></svg>"
                            .formatted(size[0], size[0]);
            assertThat(SvgReading.read(svg).area().mm2()).as(size[0]).isCloseTo(100, CLOSELY);
        }
    }

    /** A cubic that is a circle's quarter within 0.03 %; a quadratic whose area is two thirds of its triangle's box. */
    @Test
    public void curvesEncloseWhatTheirFormulasSay() {
        double k = 0.5522847498 * 20;
        String circle =
                f("M60 40C60 %1$f %2$f 60 40 60S20 %1$f 20 40 %3$f 20 40 20 60 %3$f 60 40Z", 40 + k, 40 + k, 40 - k);
        assertThat(area("<path d='" + circle + "'/>")).isCloseTo(400 * Math.PI, FLATTENED);
        assertThat(area("<path d='M0 0Q30 60 60 0Z'/>")).isCloseTo(60 * 30 * 2 / 3.0, FLATTENED);
        assertThat(area("<path d='M10 40A20 20 0 0 1 50 40Z'/>")).isCloseTo(200 * Math.PI, FLATTENED);
    }
}
