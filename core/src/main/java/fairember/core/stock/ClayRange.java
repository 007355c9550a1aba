package fairember.core.stock;

import fairember.core.bake.ClayWindow;
import fairember.core.document.Inline;
import fairember.core.document.Name;
import fairember.core.document.SavedUnder;
import fairember.core.input.Span;
import fairember.core.input.Words;
import fairember.core.quantity.Density;

/**
 * A clay range: one packet text for many colours.
 *
 * @param id its number in the studio
 * @param name 1 to 60 characters
 * @param window what the packet says of the oven
 * @param density of the clay
 */
public record ClayRange(
        @SavedUnder long id, @Name String name, @Inline ClayWindow window, Density density) {
    public static final Span DENSITY = Density.SPAN;

    public ClayRange {
        name = Words.name("name", name);
    }
}
