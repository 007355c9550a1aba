package fairember.core.design;

import fairember.core.bake.StageKind;
import fairember.core.document.Default;
import fairember.core.document.Name;
import fairember.core.input.Span;
import fairember.core.input.Words;
import fairember.core.quantity.Minutes;

/**
 * A stage bake in the making of a design.
 *
 * @param name 1 to 60 characters
 * @param kind full cure or short set
 * @param loose whether only the parts of this stage are baked, each on its own, rather than all that is built so far
 * @param cooling minutes until it can be handled, 0 to 240
 * @param quench whether it is cooled in cold water, rather than slowly in the air
 */
public record Stage(
        @Name String name,
        StageKind kind,
        boolean loose,
        Minutes cooling,
        @Default("false") boolean quench) {
    public static final Span COOLING = Span.of("coolingMin", "cooling", 0, 240, "min");

    /** A stage that is cooled slowly. */
    public Stage(String name, StageKind kind, boolean loose, Minutes cooling) {
        this(name, kind, loose, cooling, false);
    }

    public Stage {
        name = Words.name("name", name);
        COOLING.check(cooling.min());
    }
}
