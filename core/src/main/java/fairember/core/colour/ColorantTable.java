package fairember.core.colour;

import java.util.Arrays;
import java.util.List;

/**
 * Many mixes of the same few colorants at once, for searches: nearly, for all ratios, band by band over plain arrays of single
 * precision, which the virtual machine turns into vector instructions; and exactly for the one that is asked for. Not for use by
 * several threads at once.
 */
public final class ColorantTable {
    /** No colour of the table is further than this from the exact one, in L, in a and in b. */
    public static final double ERROR = 0.01;

    private static final int MOST_KINDS = 4;

    private final int settings;
    private final List<Colorant> colorants;
    private final double[][] parts;
    private final float[][] narrow;
    private final float[][] absorbs;
    private final float[] perScatter;
    private final float[] x;
    private final float[] y;
    private final float[] z;
    private final float[] seen;

    /**
     * A table of ratios.
     *
     * @param colorants what may be mixed
     * @param parts parts of the j-th chosen in the r-th ratio, {@code parts[j][r]}; one to four rows
     * @param settings how many ratios
     */
    public ColorantTable(List<Colorant> colorants, double[][] parts, int settings) {
        this.settings = settings;
        this.colorants = colorants;
        this.parts = parts;
        narrow = new float[MOST_KINDS][settings];
        for (int j = 0; j < MOST_KINDS; j++) {
            for (int r = 0; r < settings && j < parts.length; r++) {
                narrow[j][r] = (float) parts[j][r];
            }
        }
        absorbs = new float[colorants.size()][Spectra.BANDS];
        for (int c = 0; c < colorants.size(); c++) {
            for (int i = 0; i < Spectra.BANDS; i++) {
                absorbs[c][i] = (float) colorants.get(c).absorbs(i);
            }
        }
        perScatter = new float[settings];
        x = new float[settings];
        y = new float[settings];
        z = new float[settings];
        seen = new float[settings];
    }

    private ColorantTable(ColorantTable like) {
        settings = like.settings;
        colorants = like.colorants;
        parts = like.parts;
        narrow = like.narrow;
        absorbs = like.absorbs;
        perScatter = new float[settings];
        x = new float[settings];
        y = new float[settings];
        z = new float[settings];
        seen = new float[settings];
    }

    /** Another of the same colorants and ratios for another thread. */
    public ColorantTable another() {
        return new ColorantTable(this);
    }

    /**
     * Works out all ratios of these colorants; {@link #luminance} and {@link #lab} are then about them.
     *
     * @param chosen their places, as many as there are rows of parts
     */
    public void mix(int[] chosen) {
        float[] s = new float[MOST_KINDS];
        for (int j = 0; j < chosen.length; j++) {
            s[j] = (float) colorants.get(chosen[j]).scatters();
        }
        for (int r = 0; r < settings; r++) {
            perScatter[r] = 1 / (narrow[0][r] * s[0] + narrow[1][r] * s[1] + narrow[2][r] * s[2] + narrow[3][r] * s[3]);
        }
        Arrays.fill(x, 0);
        Arrays.fill(y, 0);
        Arrays.fill(z, 0);
        float[] k = new float[MOST_KINDS];
        for (int i = 0; i < Spectra.BANDS; i++) {
            for (int j = 0; j < chosen.length; j++) {
                k[j] = absorbs[chosen[j]][i];
            }
            addBand(k, i);
        }
    }

    /** Adds what a band gives. One short loop after the other: the virtual machine makes vectors of these, of one long loop not. */
    private void addBand(float[] k, int band) {
        reflect(narrow, k, perScatter, seen);
        leaveSurface(seen);
        add(x, weight(0, band), seen);
        add(y, weight(1, band), seen);
        add(z, weight(2, band), seen);
    }

    /** r = 1 + Q − √(Q·(Q + 2)), worked as 1/(1 + Q + √(Q·(Q + 2))), which loses no figures. */
    private static void reflect(float[][] parts, float[] k, float[] perScatter, float[] into) {
        float[] p0 = parts[0];
        float[] p1 = parts[1];
        float[] p2 = parts[2];
        float[] p3 = parts[3];
        float k0 = k[0];
        float k1 = k[1];
        float k2 = k[2];
        float k3 = k[3];
        for (int r = 0; r < into.length; r++) {
            float q = (p0[r] * k0 + p1[r] * k1 + p2[r] * k2 + p3[r] * k3) * perScatter[r];
            into[r] = 1 / (1 + q + (float) Math.sqrt(q * (q + 2)));
        }
    }

    private static void leaveSurface(float[] seen) {
        for (int r = 0; r < seen.length; r++) {
            seen[r] = Math.max(0, seen[r] - (float) Colorant.SURFACE);
        }
    }

    private static void add(float[] to, float weight, float[] seen) {
        for (int r = 0; r < seen.length; r++) {
            to[r] += weight * seen[r];
        }
    }

    private static float weight(int row, int band) {
        return (float) (Spectra.TO_XYZ[row][band] / (1 - Colorant.SURFACE));
    }

    /** Y of the r-th ratio, nearly. */
    public double luminance(int r) {
        return y[r];
    }

    /** The colour of the r-th ratio, to {@link #ERROR}. */
    public Lab lab(int r) {
        return Lab.ofXyz(x[r], y[r], z[r]);
    }

    /** The r-th ratio of the colorants chosen, exactly. */
    public Colorant colorant(int[] chosen, int r) {
        double[] weights = new double[chosen.length];
        for (int j = 0; j < chosen.length; j++) {
            weights[j] = parts[j][r];
        }
        return Colorant.mix(Arrays.stream(chosen).mapToObj(colorants::get).toList(), weights);
    }
}
