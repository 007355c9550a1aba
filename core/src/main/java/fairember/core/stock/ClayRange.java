package fairember.core.stock;

import fairember.core.bake.ClayWindow;
import fairember.core.document.Default;
import fairember.core.document.Inline;
import fairember.core.document.Name;
import fairember.core.document.SavedUnder;
import fairember.core.document.Text;
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
 * @param printed what the packet says in its own words and units, up to {@value #MOST_LETTERS} letters
 */
public record ClayRange(
        @SavedUnder long id,
        @Name String name,
        @Inline ClayWindow window,
        Density density,
        @Default("") @Text(most = MOST_LETTERS) String printed) {
    static final int MOST_LETTERS = 200;
    public static final Span DENSITY = Density.SPAN;

    /** A range whose packet is not quoted. */
    public ClayRange(long id, String name, ClayWindow window, Density density) {
        this(id, name, window, density, "");
    }

    public ClayRange {
        name = Words.name("name", name);
    }
}
