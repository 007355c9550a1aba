package fairember.core.piece;

import fairember.core.foilcore.CoreSpec;
import fairember.core.measure.Span;
import fairember.core.measure.Words;
import fairember.core.shape.Solid;
import org.jspecify.annotations.Nullable;

/**
 * A part of a piece.
 *
 * @param name 1 to 60 characters
 * @param solid its shape, at true size
 * @param count copies in one piece, 1 to 200
 * @param mixId the mix it is made of
 * @param stage the first stage bake it goes through, counted from 0
 * @param core the foil core in it, or null when it is solid
 * @param placement where it stands
 */
public record Part(
        String name,
        Solid solid,
        int count,
        long mixId,
        int stage,
        @Nullable CoreSpec core,
        Placement placement) {
    public static final Span COUNT = Span.count("count", "count in one piece", 1, 200);

    public Part {
        name = Words.name("name", name);
        COUNT.check(count);
    }
}
