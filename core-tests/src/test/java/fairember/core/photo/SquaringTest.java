package fairember.core.photo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import fairember.core.input.InvalidInputException;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.LUDecomposition;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** A sheet of coloured fields, photographed at an angle and squared up again, has its fields where they were. */
public class SquaringTest {
    private static final int FIELDS = 6;
    private static final int SIDE = 600;

    private static int colour(double u, double v) {
        int column = (int) Math.min(FIELDS - 1, Math.floor(u * FIELDS));
        int row = (int) Math.min(FIELDS - 1, Math.floor(v * FIELDS));
        return 40 + 30 * column << 16 | 40 + 30 * row << 8 | (column + row) % 2 * 200;
    }

    /** The eight numbers of the map from the picture to the sheet, by solving for four pairs of points. */
    private static double[] toSheet(List<Spot> corners) {
        double[][] sheet = {{0, 0}, {1, 0}, {1, 1}, {0, 1}};
        double[][] rows = new double[8][];
        double[] right = new double[8];
        for (int i = 0; i < 4; i++) {
            double x = corners.get(i).across();
            double y = corners.get(i).down();
            double u = sheet[i][0];
            double v = sheet[i][1];
            rows[2 * i] = new double[] {x, y, 1, 0, 0, 0, -u * x, -u * y};
            rows[2 * i + 1] = new double[] {0, 0, 0, x, y, 1, -v * x, -v * y};
            right[2 * i] = u;
            right[2 * i + 1] = v;
        }
        return new LUDecomposition(new Array2DRowRealMatrix(rows))
                .getSolver()
                .solve(new ArrayRealVector(right))
                .toArray();
    }

    private static BufferedImage photographed(List<Spot> corners) {
        double[] m = toSheet(corners);
        BufferedImage picture = new BufferedImage(SIDE, SIDE, BufferedImage.TYPE_INT_RGB);
        for (int row = 0; row < SIDE; row++) {
            for (int column = 0; column < SIDE; column++) {
                double x = (column + 0.5) / SIDE;
                double y = (row + 0.5) / SIDE;
                double w = m[6] * x + m[7] * y + 1;
                double u = (m[0] * x + m[1] * y + m[2]) / w;
                double v = (m[3] * x + m[4] * y + m[5]) / w;
                boolean on = u >= 0 && u <= 1 && v >= 0 && v <= 1;
                picture.setRGB(column, row, on ? colour(u, v) : 0x808080);
            }
        }
        return picture;
    }

    @DataProvider
    public Object[][] corners() {
        SplittableRandom random = new SplittableRandom(5);
        List<Object[]> all = new ArrayList<>();
        for (int i = 0; i < 12; i++) {
            all.add(new Object[] {
                List.of(
                        new Spot(random.nextDouble(0.02, 0.3), random.nextDouble(0.02, 0.3)),
                        new Spot(random.nextDouble(0.7, 0.98), random.nextDouble(0.02, 0.3)),
                        new Spot(random.nextDouble(0.7, 0.98), random.nextDouble(0.7, 0.98)),
                        new Spot(random.nextDouble(0.02, 0.3), random.nextDouble(0.7, 0.98)))
            });
        }
        return all.toArray(Object[][]::new);
    }

    @Test(dataProvider = "corners")
    public void everyFieldComesBackToItsPlace(List<Spot> corners) {
        BufferedImage squared = Squaring.square(photographed(corners), corners, 0.75);
        assertThat((double) squared.getWidth() / squared.getHeight()).isCloseTo(0.75, within(0.005));
        for (int row = 0; row < FIELDS; row++) {
            for (int column = 0; column < FIELDS; column++) {
                double u = (column + 0.5) / FIELDS;
                double v = (row + 0.5) / FIELDS;
                int seen = squared.getRGB((int) (u * squared.getWidth()), (int) (v * squared.getHeight()));
                assertThat(seen & 0xffffff).as("%d, %d", column, row).isEqualTo(colour(u, v));
            }
        }
    }

    @Test
    public void cornersInALineOrThatCrossAreRefused() {
        BufferedImage picture = new BufferedImage(40, 40, BufferedImage.TYPE_INT_RGB);
        Spot a = new Spot(0.1, 0.1);
        Spot b = new Spot(0.9, 0.1);
        Spot c = new Spot(0.9, 0.9);
        Spot d = new Spot(0.1, 0.9);
        Spot between = new Spot(0.5, 0.1);
        for (List<Spot> wrong : List.of(
                List.of(a, between, b, d),
                List.of(a, c, b, d),
                List.of(d, c, b, a),
                List.of(a, a, c, d),
                List.of(a, b, c))) {
            assertThatThrownBy(() -> Squaring.square(picture, wrong, 0))
                    .isInstanceOfSatisfying(
                            InvalidInputException.class,
                            refused ->
                                    assertThat(refused.errors().get(0).field()).isEqualTo("corners"));
        }
        assertThat(Squaring.square(picture, List.of(a, b, c, d), 0).getWidth()).isEqualTo(32);
    }
}
