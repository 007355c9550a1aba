package fairember.core.colour;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Objects;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.LUDecomposition;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;

/**
 * The CIE 1931 2° observer under D65 in 36 bands, as weights from reflectance to XYZ and to linear sRGB. Table: CIE 018
 * and CIE 15, every 10 nm from 380 to 730, in {@code cie_1931_d65.csv} beside this class.
 */
final class Spectra {
    static final int BANDS = 36;
    static final double FIRST_NM = 380;
    static final double STEP_NM = 10;
    /** XYZ of white: the row sums of the matrix below, so that greys are neutral. */
    static final double[] WHITE = {0.95047, 1, 1.08883};
    /** Linear sRGB to XYZ under D65 (IEC 61966-2-1, seven figures). */
    private static final double[][] RGB_TO_XYZ = {
        {.4124564, .3575761, .1804375}, {.2126729, .7151522, .0721750}, {.0193339, .1191920, .9503041}
    };

    /** W, 3 × 36: XYZ = W·R; each row sums to the white point. */
    static final double[][] TO_XYZ = weights();
    /** T, 3 × 36: linear sRGB = T·R. */
    static final double[][] TO_RGB = toRgb();

    private Spectra() {}

    private static double[][] weights() {
        double[][] weights = new double[3][BANDS];
        List<String> lines = table();
        for (int i = 0; i < BANDS; i++) {
            String[] cells = lines.get(i + 1).split(",", -1);
            double light = Double.parseDouble(cells[4]);
            for (int c = 0; c < 3; c++) {
                weights[c][i] = Double.parseDouble(cells[c + 1]) * light;
            }
        }
        for (int c = 0; c < 3; c++) {
            double sum = 0;
            for (double w : weights[c]) {
                sum += w;
            }
            for (int i = 0; i < BANDS; i++) {
                weights[c][i] *= WHITE[c] / sum;
            }
        }
        return weights;
    }

    private static double[][] toRgb() {
        RealMatrix xyzToRgb = new LUDecomposition(MatrixUtils.createRealMatrix(RGB_TO_XYZ))
                .getSolver()
                .getInverse();
        return xyzToRgb.multiply(MatrixUtils.createRealMatrix(TO_XYZ)).getData();
    }

    private static List<String> table() {
        InputStream file = Objects.requireNonNull(Spectra.class.getResourceAsStream("cie_1931_d65.csv"));
        try (BufferedReader reader = new BufferedReader(new InputStreamReader(file, StandardCharsets.UTF_8))) {
            return reader.lines().toList();
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    /** XYZ of linear sRGB. */
    static double[] toXyz(double[] linear) {
        return new Array2DRowRealMatrix(RGB_TO_XYZ, false).operate(linear);
    }

    /** Weights times a spectrum, three values. */
    static double[] times(double[][] weights, double[] bands) {
        double[] out = new double[3];
        for (int c = 0; c < 3; c++) {
            for (int i = 0; i < BANDS; i++) {
                out[c] += weights[c][i] * bands[i];
            }
        }
        return out;
    }
}
