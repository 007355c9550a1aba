package fairember.core.colour;

import java.util.List;

/**
 * The predicted colour of a mix.
 *
 * @param parts what went in
 * @param shares share of each part of the whole, in the order of {@code parts}; they sum to 1
 * @param weights scattering weight p·t of each part, raw
 * @param raw before baking
 * @param cured after baking
 */
public record MixedColour(List<MixPart> parts, List<Double> shares, List<Double> weights, Seen raw, Seen cured) {
    public MixedColour {
        parts = List.copyOf(parts);
        shares = List.copyOf(shares);
        weights = List.copyOf(weights);
    }

    /**
     * The mean colour of several beside each other, as the eye takes them in from afar; what it is of, and what it does to light
     * in a thin sheet, are those of this one.
     *
     * @param areas of each, together more than 0
     */
    public MixedColour inPlaceOf(List<MixedColour> beside, double[] areas) {
        return new MixedColour(
                parts,
                shares,
                weights,
                Seen.mean(raw, beside.stream().map(MixedColour::raw).toList(), areas),
                Seen.mean(cured, beside.stream().map(MixedColour::cured).toList(), areas));
    }

    /** One face of it. */
    public Seen of(Face face) {
        return face == Face.RAW ? raw : cured;
    }

    /** What its clays do that an even colour cannot show; without {@link Effect#PLAIN}, each once. */
    public List<Effect> effects() {
        return parts.stream()
                .filter(part -> part.parts() > 0)
                .map(part -> part.pigment().effect())
                .filter(effect -> effect != Effect.PLAIN)
                .distinct()
                .sorted()
                .toList();
    }

    /**
     * One face of the mix, thick enough that no light goes through.
     *
     * @param colorant what it does to light
     * @param spectrum its reflectance
     * @param srgb as a screen shows it
     * @param beyondScreen whether the true colour lies outside what a screen can show, so that it was clipped
     */
    public record Seen(Colorant colorant, Reflectance spectrum, Srgb srgb, boolean beyondScreen) {
        /** How far past the screen's range a channel may be before it counts as clipped. */
        private static final double GAMUT_SLACK = 0.002;

        static Seen of(Colorant colorant) {
            return of(colorant, colorant.thick());
        }

        private static Seen mean(Seen kneaded, List<Seen> beside, double[] areas) {
            return of(
                    kneaded.colorant,
                    Reflectance.mean(beside.stream().map(Seen::spectrum).toList(), areas));
        }

        private static Seen of(Colorant colorant, Reflectance spectrum) {
            double[] rgb = spectrum.linearRgb();
            boolean beyond = false;
            for (double channel : rgb) {
                beyond |= channel < -GAMUT_SLACK || channel > 1 + GAMUT_SLACK;
            }
            return new Seen(colorant, spectrum, Srgb.ofLinear(rgb), beyond);
        }

        public Lab lab() {
            return Lab.of(spectrum);
        }
    }
}
