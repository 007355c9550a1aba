package fairember.core.design;

import fairember.core.document.Default;
import fairember.core.document.Name;
import fairember.core.input.Words;
import org.jspecify.annotations.Nullable;

/**
 * Parts, and smaller assemblies, that are one thing on the bench.
 *
 * @param name 1 to 60 characters
 * @param into where it is joined to a greater assembly; null for the whole piece, which is the first
 * @param joint how it is joined
 * @param separate whether its parts lie on the tray each on its own: a set of small parts
 */
public record Assembly(
        @Name String name,
        @Nullable BuildPoint into,
        @Default("CURED") Joint joint,
        @Default("false") boolean separate) {
    public static final Assembly WHOLE = new Assembly("Whole piece", null, Joint.CURED, false);

    public Assembly {
        name = Words.name("name", name);
    }
}
