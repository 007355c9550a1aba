package fairember.core.colour;

import fairember.core.input.Span;

/**
 * A number of parts of a clay in a recipe.
 *
 * @param name of the clay
 * @param pigment its colour
 * @param parts whole or broken, 0 to 1000
 */
public record MixPart(String name, Pigment pigment, double parts) {
    public static final Span PARTS = Span.of("parts", "parts", 0, 1000, "parts");

    public MixPart {
        PARTS.check(parts);
    }
}
