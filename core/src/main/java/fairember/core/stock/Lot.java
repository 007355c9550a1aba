package fairember.core.stock;

import fairember.core.colour.Pigment;
import fairember.core.input.Words;

/**
 * A lot of a clay that looks different from what the clay usually is, and is the one that is used now.
 *
 * @param name what is printed on it, 1 to 60 characters
 * @param usual how the clay usually looks
 */
public record Lot(String name, Pigment usual) {
    public Lot {
        name = Words.name("name", name);
    }
}
