package fairember.core.colour;

import java.util.Arrays;
import java.util.List;

/**
 * Many mixes of the same few colorants at once, for searches: a row of ratios, worked band by band over plain arrays. Not for use
 * by several threads at once.
 */
public final class ColorantTable {
    private final int ways;
    private final double[][] parts;
    private final double[][] absorbs;
    private final double[] scatters;
    private final double[] k;
    private final double[] s;
    private final double[] x;
    private final double[] y;
    private final double[] z;

    /**
     * A table of ratios.
     *
     * @param colorants what may be mixed
     * @param parts parts of the j-th chosen in the r-th ratio, {@code parts[j][r]}
     * @param ways how many ratios
     */
    public ColorantTable(List<Colorant> colorants, double[][] parts, int ways) {
        this.ways = ways;
        this.parts = parts;
        absorbs = new double[colorants.size()][Spectra.BANDS];
        scatters = new double[colorants.size()];
        for (int c = 0; c < colorants.size(); c++) {
            Colorant colorant = colorants.get(c);
            scatters[c] = colorant.scatters();
            for (int i = 0; i < Spectra.BANDS; i++) {
                absorbs[c][i] = colorant.absorbs(i);
            }
        }
        k = new double[ways];
        s = new double[ways];
        x = new double[ways];
        y = new double[ways];
        z = new double[ways];
    }

    /**
     * Works out all ratios of these colorants; {@link #lightness} and {@link #lab} are then about them.
     *
     * @param chosen their places, as many as there are rows of parts
     */
    public void mix(int[] chosen) {
        sum(s, chosen, 0, true);
        Arrays.fill(x, 0);
        Arrays.fill(y, 0);
        Arrays.fill(z, 0);
        for (int i = 0; i < Spectra.BANDS; i++) {
            sum(k, chosen, i, false);
            double wx = Spectra.TO_XYZ[0][i];
            double wy = Spectra.TO_XYZ[1][i];
            double wz = Spectra.TO_XYZ[2][i];
            for (int r = 0; r < ways; r++) {
                double q = k[r] / s[r];
                double inside = 1 + q - Math.sqrt(q * (q + 2));
                double seen = Math.max(0, (inside - Colorant.SURFACE) / (1 - Colorant.SURFACE));
                x[r] += wx * seen;
                y[r] += wy * seen;
                z[r] += wz * seen;
            }
        }
    }

    /** Σ p·S or Σ p·K at a band, for all ratios. */
    private void sum(double[] into, int[] chosen, int band, boolean scattering) {
        Arrays.fill(into, 0);
        for (int j = 0; j < chosen.length; j++) {
            double each = scattering ? scatters[chosen[j]] : absorbs[chosen[j]][band];
            double[] of = parts[j];
            for (int r = 0; r < ways; r++) {
                into[r] += of[r] * each;
            }
        }
    }

    /** L of the r-th ratio. */
    public double lightness(int r) {
        return Lab.lightness(y[r]);
    }

    /** The colour of the r-th ratio. */
    public Lab lab(int r) {
        return Lab.ofXyz(new double[] {x[r], y[r], z[r]});
    }
}
