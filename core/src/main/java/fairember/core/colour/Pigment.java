package fairember.core.colour;

/**
 * The colour side of a stock clay.
 *
 * @param raw swatch before baking
 * @param cured swatch after baking
 * @param opacity how much it scatters
 * @param strength how much a little does
 */
public record Pigment(Srgb raw, Srgb cured, Opacity opacity, Strength strength) {

    /**
     * Scattering weight in a mix.
     *
     * <pre>t = class·(0.4 + 0.6·Y)·2^k   (Y luminance of the raw swatch, k strength −1 to 2)</pre>
     */
    public double scattering() {
        double y = ReflectanceReconstruction.of(raw).luminance().of1();
        return opacity.scatter() * (0.4 + 0.6 * y) * strength.factor();
    }
}
