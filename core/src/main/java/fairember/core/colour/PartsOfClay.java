package fairember.core.colour;

import fairember.core.document.RefersTo;
import fairember.core.input.Span;

/**
 * A number of parts of a clay.
 *
 * @param clayId number of the clay in the studio
 * @param parts by weight, 0 to 1000
 */
public record PartsOfClay(@RefersTo("clay") long clayId, double parts) {
    public static final Span PARTS = MixPart.PARTS;
}
