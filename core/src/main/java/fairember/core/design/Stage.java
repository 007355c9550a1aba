package fairember.core.design;

import fairember.core.bake.OwnBake;
import fairember.core.bake.StageKind;
import fairember.core.document.Default;
import fairember.core.document.Name;
import fairember.core.input.Span;
import fairember.core.input.Words;
import fairember.core.quantity.Minutes;
import org.jspecify.annotations.Nullable;

/**
 * A stage bake in the making of a design.
 *
 * @param name 1 to 60 characters
 * @param kind full cure or short set
 * @param assembly that is baked, counted from 0
 * @param cooling minutes until it can be handled, 0 to 240
 * @param quench whether it is cooled in cold water, rather than slowly in the air
 * @param own figures of the maker for this bake, or null
 * @param pose on the tray, or null for that of the design; separate parts lie as they are
 * @param rest what it lies on, or null when the air is all round it
 */
public record Stage(
        @Name String name,
        StageKind kind,
        @Default("0") int assembly,
        Minutes cooling,
        @Default("false") boolean quench,
        @Nullable OwnBake own,
        @Nullable Pose pose,
        @Nullable Rest rest) {
    public static final Span COOLING = Span.of("coolingMin", "cooling", 0, 240, "min");

    /** A bake of the whole piece that is cooled slowly. */
    public Stage(String name, StageKind kind, Minutes cooling) {
        this(name, kind, 0, cooling, false, null, null, null);
    }

    /** A bake in the pose of the design. */
    public Stage(String name, StageKind kind, int assembly, Minutes cooling, boolean quench, @Nullable OwnBake own) {
        this(name, kind, assembly, cooling, quench, own, null, null);
    }

    public Stage {
        name = Words.name("name", name);
        COOLING.check(cooling.min());
    }
}
