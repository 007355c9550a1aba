package fairember.core.colour;

import fairember.core.input.Figures;
import fairember.core.input.InvalidInputException;
import java.util.List;

/** The colour of a thick, even mix of clays, by what its {@link Colorant} does to light. */
public final class ColourMixing {
    private ColourMixing() {}

    /**
     * Mixes parts of clay.
     *
     * @throws InvalidInputException on "parts" when there are none or all are zero
     */
    public static MixedColour mix(List<MixPart> parts) {
        double sum = parts.stream().mapToDouble(MixPart::parts).sum();
        if (!(sum > 0)) {
            throw new InvalidInputException(
                    "parts",
                    Figures.show(sum) + " parts in total",
                    "more than 0",
                    "Give at least one clay some parts.");
        }
        return new MixedColour(
                parts,
                parts.stream().map(part -> part.parts() / sum).toList(),
                parts.stream()
                        .map(part -> part.parts() * part.pigment().scattering())
                        .toList(),
                seen(parts, Face.RAW),
                seen(parts, Face.CURED));
    }

    private static MixedColour.Seen seen(List<MixPart> parts, Face face) {
        List<Colorant> colorants =
                parts.stream().map(part -> part.pigment().colorant(face)).toList();
        double[] of = parts.stream().mapToDouble(MixPart::parts).toArray();
        return seen(colorants, of);
    }

    /**
     * What parts of colorants look like together.
     *
     * @param parts as many as colorants, together more than 0
     */
    public static MixedColour.Seen seen(List<Colorant> colorants, double[] parts) {
        return MixedColour.Seen.of(Colorant.mix(colorants, parts));
    }
}
