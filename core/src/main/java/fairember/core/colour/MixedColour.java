package fairember.core.colour;

import java.util.List;

/**
 * The predicted colour of a mix.
 *
 * @param parts what went in
 * @param shares share of each part of the whole, in the order of {@code parts}; they sum to 1
 * @param weights scattering weight p·t of each part
 * @param raw before baking
 * @param cured after baking
 */
public record MixedColour(List<MixPart> parts, List<Double> shares, List<Double> weights, Face raw, Face cured) {
    public MixedColour {
        parts = List.copyOf(parts);
        shares = List.copyOf(shares);
        weights = List.copyOf(weights);
    }

    /**
     * One face of the mix.
     *
     * @param spectrum its reflectance
     * @param srgb as a screen shows it
     * @param beyondScreen whether the true colour lies outside what a screen can show, so that it was clipped
     */
    public record Face(Reflectance spectrum, Srgb srgb, boolean beyondScreen) {}
}
