package fairember.core.colour;

import fairember.core.input.Span;
import fairember.core.quantity.Length;
import java.util.Arrays;
import java.util.List;

/**
 * What a clay or a mix does to light, per part by weight: it absorbs K at each of 36 bands and scatters S, the same at all (P.
 * Kubelka and F. Munk, 1931, with flat scattering). Both add up by parts, so a mix is a colorant again and may go into other
 * mixes. The surface takes its share first:
 *
 * <pre>
 * r = r₀ + (1 − r₀)·R,  r₀ = 0.01        K/S = Q = (1 − r)²/2r
 * K = Σ p·t·Q / Σ p,  S = Σ p·t / Σ p     r = 1 + Q − √(Q·(Q + 2)),  R = (r − r₀)/(1 − r₀)
 * </pre>
 *
 * The constants were fitted on simulated studios only; they are starting values, to be learned from tiles.
 */
public final class Colorant {
    /** r₀. */
    static final double SURFACE = 0.01;
    /** S·X of an opaque white, per millimetre. */
    static final double SCATTERS_PER_MM = 8;

    /** From here on nothing shows through. */
    public static final double HIDDEN = 0.98;

    private static final double MOST_SHEET_MM = 30;
    /** A coat or a sheet over something. */
    public static final Span SHEET = Span.of("thickMm", "sheet", 0, MOST_SHEET_MM, "mm");

    private static final double SHEET_STEP_MM = 0.01;

    static final Srgb CARD_BLACK = new Srgb(39, 39, 39);
    static final Srgb CARD_WHITE = new Srgb(231, 231, 231);

    private static final Reflectance BLACK = ReflectanceReconstruction.of(CARD_BLACK);
    private static final Reflectance WHITE = ReflectanceReconstruction.of(CARD_WHITE);

    /** What does nothing to light but a trace: a clear varnish. */
    public static final Colorant CLEAR = new Colorant(new double[Spectra.BANDS], 1e-6);

    private final double[] absorbs;
    private final double scatters;

    Colorant(double[] absorbs, double scatters) {
        this.absorbs = absorbs;
        this.scatters = scatters;
    }

    /** A clay of scattering {@code t} that looks like {@code swatch} when thick. */
    static Colorant of(Reflectance swatch, double t) {
        double[] absorbs = new double[Spectra.BANDS];
        for (int i = 0; i < Spectra.BANDS; i++) {
            absorbs[i] = t * absorption(swatch.band(i));
        }
        return new Colorant(absorbs, t);
    }

    /**
     * Parts by weight of colorants together.
     *
     * @param parts as many as colorants, together more than 0
     */
    public static Colorant mix(List<Colorant> colorants, double[] parts) {
        double[] absorbs = new double[Spectra.BANDS];
        double scatters = 0;
        double all = 0;
        for (int j = 0; j < parts.length; j++) {
            Colorant colorant = colorants.get(j);
            for (int i = 0; i < Spectra.BANDS; i++) {
                absorbs[i] += parts[j] * colorant.absorbs[i];
            }
            scatters += parts[j] * colorant.scatters;
            all += parts[j];
        }
        for (int i = 0; i < Spectra.BANDS; i++) {
            absorbs[i] /= all;
        }
        return new Colorant(absorbs, scatters / all);
    }

    /** S: 1 of an opaque white. */
    public double scatters() {
        return scatters;
    }

    /** K at a band, 0 to 35. */
    public double absorbs(int band) {
        return absorbs[band];
    }

    /** What a design of it looks like that no light goes through. */
    public Reflectance thick() {
        double[] bands = new double[Spectra.BANDS];
        for (int i = 0; i < Spectra.BANDS; i++) {
            bands[i] = reflectance(absorbs[i] / scatters);
        }
        return new Reflectance(bands);
    }

    /**
     * What a sheet of it looks like that lies on something.
     *
     * <pre>
     * SX = 8/mm·S·x,  a = 1 + Q,  b = √(a² − 1)
     * r = (1 − Rg·(a − b·coth bSX)) / (a − Rg + b·coth bSX)
     * </pre>
     *
     * @param thickness 0 or more
     * @param backing what it lies on
     */
    public Reflectance over(Reflectance backing, Length thickness) {
        double sx = SCATTERS_PER_MM * scatters * thickness.mm();
        double[] bands = new double[Spectra.BANDS];
        for (int i = 0; i < Spectra.BANDS; i++) {
            double ground = SURFACE + (1 - SURFACE) * backing.band(i);
            double a = 1 + absorbs[i] / scatters;
            double b = Math.max(1e-6, Math.sqrt(a * a - 1));
            bands[i] = sx < 1e-9 ? backing.band(i) : outside(layer(ground, a, b / Math.tanh(b * sx)));
        }
        return new Reflectance(bands);
    }

    /** What a sheet of it looks like on a screen that lies on something of a colour. */
    public Srgb over(Srgb backing, Length thickness) {
        return Srgb.ofLinear(
                over(ReflectanceReconstruction.of(backing), thickness).linearRgb());
    }

    private static double layer(double ground, double a, double bCoth) {
        return (1 - ground * (a - bCoth)) / (a - ground + bCoth);
    }

    /**
     * How well a sheet hides what lies under it: its luminance over the black of a test card by that over its white (Y 0.02 and
     * 0.8), 0 to 1. From 0.98 on nothing shows through.
     */
    public double cover(Length thickness) {
        return over(BLACK, thickness).luminance().of1()
                / over(WHITE, thickness).luminance().of1();
    }

    /** How thick a sheet has to be for nothing to show through: up to {@value #MOST_SHEET_MM} mm, found by halving. */
    public Length opaqueFrom() {
        double low = 0;
        double high = MOST_SHEET_MM;
        while (high - low > SHEET_STEP_MM) {
            double middle = (low + high) / 2;
            if (cover(new Length(middle)) >= HIDDEN) {
                high = middle;
            } else {
                low = middle;
            }
        }
        return new Length(high);
    }

    /** Q, absorption over scattering, of a measured reflectance. */
    static double absorption(double measured) {
        double r = SURFACE + (1 - SURFACE) * measured;
        return (1 - r) * (1 - r) / (2 * r);
    }

    /** The measured reflectance of an absorption over scattering. */
    static double reflectance(double q) {
        return outside(1 + q - Math.sqrt(q * (q + 2)));
    }

    private static double outside(double r) {
        return Math.max(0, (r - SURFACE) / (1 - SURFACE));
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Colorant that && scatters == that.scatters && Arrays.equals(absorbs, that.absorbs);
    }

    @Override
    public int hashCode() {
        return 31 * Arrays.hashCode(absorbs) + Double.hashCode(scatters);
    }

    @Override
    public String toString() {
        return "Colorant[scatters=" + scatters + ", absorbs=" + Arrays.toString(absorbs) + "]";
    }
}
