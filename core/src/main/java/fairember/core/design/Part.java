package fairember.core.design;

import fairember.core.document.Default;
import fairember.core.document.Inline;
import fairember.core.document.Name;
import fairember.core.document.RefersTo;
import fairember.core.foilcore.CoreSpec;
import fairember.core.input.InvalidInputException;
import fairember.core.input.Span;
import fairember.core.input.Words;
import fairember.core.shape.Posed;
import fairember.core.shape.Solid;
import org.jspecify.annotations.Nullable;

/**
 * A part of a design.
 *
 * @param name 1 to 60 characters
 * @param shape at true size
 * @param count copies in one design, 1 to 200
 * @param mixId the mix it is made of
 * @param from where it is put in: its assembly, and the first of that assembly's bakes it goes through
 * @param spares made for a batch beyond those it needs, 0 to 200
 * @param core the foil core in it, or null when it is solid
 * @param around the part it is built around, counted from 0, or null
 * @param placement where it stands
 */
public record Part(
        @Name String name,
        Solid shape,
        int count,
        @RefersTo("mix") long mixId,
        @Inline BuildPoint from,
        @Default("0") int spares,
        @Nullable CoreSpec core,
        @Nullable Integer around,
        Placement placement) {
    public static final Span COUNT = Span.count("count", "count per piece", 1, 200);
    public static final Span SPARES = Span.count("spares", "spares for a batch", 0, 200);

    /**
     * A part of clay.
     *
     * @throws InvalidInputException when it has a core and is built around another part too
     */
    public Part {
        name = Words.name("name", name);
        COUNT.check(count);
        SPARES.check(spares);
        if (core != null && around != null) {
            throw new InvalidInputException(
                    "core",
                    "a foil core and a part inside",
                    "one of them",
                    "Remove the core, or build the part around nothing.");
        }
    }

    /** The same part in another size, with another core or elsewhere. */
    Part with(Solid newSolid, @Nullable CoreSpec newCore, Placement newPlacement) {
        return new Part(name, newSolid, count, mixId, from, spares, newCore, around, newPlacement);
    }

    /** The solid as it is turned. */
    public Posed posed() {
        return new Posed(shape, placement.facing());
    }
}
