package fairember.core.piece;

import fairember.core.measure.Span;
import fairember.core.stock.BoughtPart;

/**
 * A bought part fitted to a piece.
 *
 * @param part which
 * @param count how many in one piece, 1 to 100
 */
public record Fitting(BoughtPart part, int count) {
    public static final Span COUNT = Span.count("count", "count in one piece", 1, 100);

    public Fitting {
        COUNT.check(count);
    }
}
