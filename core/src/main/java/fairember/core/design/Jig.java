package fairember.core.design;

import fairember.core.document.Default;
import fairember.core.document.Name;
import fairember.core.input.Span;
import fairember.core.quantity.Minutes;

/**
 * A jig or template that a step is done with. It is made first, and counted once, whichever batch makes it.
 *
 * @param making minutes to make it, 0 to 600
 * @param made whether there is one
 */
public record Jig(
        @Name String name, Minutes making, @Default("false") boolean made) {
    public static final Span MAKING = Span.of("makingMin", "making the jig", 0, 600, "min");

    public Jig {
        MAKING.check(making.min());
    }

    /** Minutes that are still to be spent on it. */
    public Minutes left() {
        return made ? Minutes.ZERO : making;
    }
}
