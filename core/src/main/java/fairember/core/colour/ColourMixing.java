package fairember.core.colour;

import fairember.core.measure.Figures;
import fairember.core.measure.Refused;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;

/**
 * The colour of a thick, even mix of clays (P. Kubelka and F. Munk, 1931; two constants with flat scattering). The
 * surface takes its share first:
 *
 * <pre>
 * r = r₀ + (1 − r₀)·R,  r₀ = 0.01        Q = (1 − r)²/2r
 * q = Σ p·t·Q / Σ p·t                     r = 1 + q − √(q·(q + 2)),  R = (r − r₀)/(1 − r₀)
 * </pre>
 *
 * The constants were fitted on simulated studios only; they are starting values.
 */
public final class ColourMixing {
    static final double SURFACE = 0.01;
    /** How far past the screen's range a channel may be before it counts as clipped. */
    private static final double GAMUT_SLACK = 0.002;

    private ColourMixing() {}

    /**
     * Mixes parts of clay.
     *
     * @throws Refused on "parts" when there are none or all are zero
     */
    public static MixedColour mix(List<MixPart> parts) {
        double sum = parts.stream().mapToDouble(MixPart::parts).sum();
        if (!(sum > 0)) {
            throw new Refused(
                    "parts", Figures.show(sum) + " parts in all", "more than 0", "Give at least one clay some parts.");
        }
        List<Double> shares = new ArrayList<>();
        List<Double> weights = new ArrayList<>();
        for (MixPart part : parts) {
            shares.add(part.parts() / sum);
            weights.add(part.parts() * part.pigment().scattering());
        }
        return new MixedColour(
                parts, shares, weights, face(parts, weights, Pigment::raw), face(parts, weights, Pigment::cured));
    }

    private static MixedColour.Face face(List<MixPart> parts, List<Double> weights, Function<Pigment, Srgb> side) {
        double[] bands = new double[Spectra.BANDS];
        double all = weights.stream().mapToDouble(Double::doubleValue).sum();
        List<Reflectance> swatches = parts.stream()
                .map(part -> ReflectanceReconstruction.of(side.apply(part.pigment())))
                .toList();
        for (int i = 0; i < Spectra.BANDS; i++) {
            double q = 0;
            for (int j = 0; j < parts.size(); j++) {
                q += weights.get(j) * absorption(swatches.get(j).band(i)) / all;
            }
            bands[i] = reflectance(q);
        }
        Reflectance spectrum = new Reflectance(bands);
        double[] rgb = spectrum.linearRgb();
        boolean beyond = false;
        for (double channel : rgb) {
            beyond |= channel < -GAMUT_SLACK || channel > 1 + GAMUT_SLACK;
        }
        return new MixedColour.Face(spectrum, Srgb.ofLinear(rgb), beyond);
    }

    /** Q, absorption over scattering, of a measured reflectance. */
    static double absorption(double measured) {
        double r = SURFACE + (1 - SURFACE) * measured;
        return (1 - r) * (1 - r) / (2 * r);
    }

    /** The measured reflectance of an absorption over scattering. */
    static double reflectance(double q) {
        double r = 1 + q - Math.sqrt(q * (q + 2));
        return Math.max(0, (r - SURFACE) / (1 - SURFACE));
    }
}
