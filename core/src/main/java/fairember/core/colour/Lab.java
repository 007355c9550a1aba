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
     * White is {@link Spectra#WHITE}.
     */
    static Lab ofXyz(double x, double y, double z) {
        double fx = squeezed(x / Spectra.WHITE[0]);
        double fy = squeezed(y / Spectra.WHITE[1]);
        double fz = squeezed(z / Spectra.WHITE[2]);
        return new Lab(116 * fy - 16, 500 * (fx - fy), 200 * (fy - fz));
    }

    private static Lab ofXyz(double[] xyz) {
        return ofXyz(xyz[0], xyz[1], xyz[2]);
    }

    private static double squeezed(double t) {
        return t > DELTA * DELTA * DELTA ? Math.cbrt(t) : t / (3 * DELTA * DELTA) + 4.0 / 29;
    }

    /** The luminance Y, 0 to 1, of lightness {@code l}; less than 0 for less than black. */
    public static double luminance(double l) {
        double f = (l + 16) / 116;
        return f > DELTA ? f * f * f : 3 * DELTA * DELTA * (f - 4.0 / 29);
    }

    /** How far from grey. */
    public double chroma() {
        return Math.sqrt(a * a + b * b);
    }
}
