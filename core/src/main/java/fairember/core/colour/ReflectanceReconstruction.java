package fairember.core.colour;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.Arrays;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.LUDecomposition;
import org.hipparchus.linear.RealVector;

/**
 * The smoothest reflectance that looks like a swatch: least slope of the hyperbolic-tangent parameter (S. A. Burns,
 * "Numerical methods for smoothest reflectance reconstruction", Color Research and Application 45, 2020).
 *
 * <pre>minimise Σ(z[i+1] − z[i])², R = (tanh z + 1)/2, subject to T·R = linear rgb</pre>
 *
 * by Newton's method with Lagrange multipliers; steps are limited to 1 in z.
 */
public final class ReflectanceReconstruction {
    private static final int N = Spectra.BANDS;
    private static final int SIZE = N + 3;
    private static final double TOLERANCE = 1e-8;
    /** Near black and white the slopes are tiny but sound. */
    private static final double SINGULAR = 1e-100;

    private static final int MOST_STEPS = 50;
    private static final Cache<Srgb, Reflectance> KNOWN =
            Caffeine.newBuilder().maximumSize(4096).build();

    private ReflectanceReconstruction() {}

    /** The spectrum of a swatch; kept for the next time it is asked. */
    public static Reflectance of(Srgb swatch) {
        return KNOWN.get(swatch, any -> solve(any.linear()));
    }

    private static Reflectance solve(double[] rgb) {
        double[] unknowns = start(rgb);
        for (int step = 0; step < MOST_STEPS; step++) {
            double[] residual = new double[SIZE];
            double[][] slope = new double[SIZE][SIZE];
            fill(unknowns, rgb, residual, slope);
            if (new ArrayRealVector(residual, false).getLInfNorm() < TOLERANCE) {
                break;
            }
            RealVector move = new LUDecomposition(new Array2DRowRealMatrix(slope, false), SINGULAR)
                    .getSolver()
                    .solve(new ArrayRealVector(residual, false));
            for (int i = 0; i < SIZE; i++) {
                double change = -move.getEntry(i);
                unknowns[i] += i < N ? Math.max(-1, Math.min(1, change)) : change;
            }
        }
        double[] bands = new double[N];
        for (int i = 0; i < N; i++) {
            bands[i] = (Math.tanh(unknowns[i]) + 1) / 2;
        }
        return new Reflectance(bands);
    }

    private static double[] start(double[] rgb) {
        double mean = Math.max(.02, Math.min(.98, (rgb[0] + rgb[1] + rgb[2]) / 3));
        double x = 2 * mean - 1;
        double z = Math.log((1 + x) / (1 - x)) / 2;
        double[] unknowns = new double[SIZE];
        Arrays.fill(unknowns, 0, N, z);
        return unknowns;
    }

    /** Residual and slope of the Lagrange conditions at (z, λ). */
    private static void fill(double[] unknowns, double[] rgb, double[] residual, double[][] slope) {
        double[] bands = new double[N];
        for (int i = 0; i < N; i++) {
            double tanh = Math.tanh(unknowns[i]);
            double sech2 = 1 - tanh * tanh;
            bands[i] = (tanh + 1) / 2;
            if (i > 0) {
                smooth(unknowns, residual, slope, i, i - 1);
            }
            if (i < N - 1) {
                smooth(unknowns, residual, slope, i, i + 1);
            }
            for (int c = 0; c < 3; c++) {
                double weight = Spectra.TO_RGB[c][i] * sech2 / 2;
                residual[i] += unknowns[N + c] * weight;
                slope[i][i] -= unknowns[N + c] * weight * 2 * tanh;
                slope[i][N + c] = weight;
                slope[N + c][i] = weight;
            }
        }
        double[] seen = Spectra.times(Spectra.TO_RGB, bands);
        for (int c = 0; c < 3; c++) {
            residual[N + c] = seen[c] - rgb[c];
        }
    }

    private static void smooth(double[] z, double[] residual, double[][] slope, int i, int neighbour) {
        residual[i] += 2 * (z[i] - z[neighbour]);
        slope[i][i] += 2;
        slope[i][neighbour] -= 2;
    }
}
