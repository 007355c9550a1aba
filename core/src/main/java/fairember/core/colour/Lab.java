package fairember.core.colour;

/**
 * A colour as the eye orders it: CIE 1976 L*a*b* under D65, 2° observer (CIE 15:2018). Greys have a = b = 0.
 *
 * @param l lightness, 0 black to 100 white
 * @param a red when more than 0, green when less
 * @param b yellow when more than 0, blue when less
 */
public record Lab(double l, double a, double b) {
    private static final double DELTA = 6.0 / 29;

    /** The colour of a spectrum. */
    public static Lab of(Reflectance spectrum) {
        return ofXyz(Spectra.times(Spectra.TO_XYZ, spectrum.bands()));
    }

    /** The colour of a swatch on a screen. */
    public static Lab of(Srgb swatch) {
        return ofXyz(Spectra.toXyz(swatch.linear()));
    }

    /**
     * From tristimulus values.
     *
     * <pre>
     * L = 116·f(Y/Yn) − 16,  a = 500·(f(X/Xn) − f(Y/Yn)),  b = 200·(f(Y/Yn) − f(Z/Zn))
     * f(t) = ∛t when t > (6/29)³, else t/(3·(6/29)²) + 4/29
     * </pre>
     *
     * @param xyz three values, white being {@link Spectra#WHITE}
     */
    static Lab ofXyz(double[] xyz) {
        double fx = squeezed(xyz[0] / Spectra.WHITE[0]);
        double fy = squeezed(xyz[1] / Spectra.WHITE[1]);
        double fz = squeezed(xyz[2] / Spectra.WHITE[2]);
        return new Lab(116 * fy - 16, 500 * (fx - fy), 200 * (fy - fz));
    }

    private static double squeezed(double t) {
        return t > DELTA * DELTA * DELTA ? Math.cbrt(t) : t / (3 * DELTA * DELTA) + 4.0 / 29;
    }

    /** L of a luminance Y, in 0 to 1. */
    static double lightness(double luminance) {
        return 116 * squeezed(luminance / Spectra.WHITE[1]) - 16;
    }

    /** How far from grey. */
    public double chroma() {
        return Math.hypot(a, b);
    }
}
