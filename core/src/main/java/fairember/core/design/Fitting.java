package fairember.core.design;

import fairember.core.input.Span;
import fairember.core.stock.Finding;

/**
 * A finding fitted to a design.
 *
 * @param part which
 * @param count how many in one design, 1 to 100
 */
public record Fitting(Finding part, int count) {
    public static final Span COUNT = Span.count("count", "count per piece", 1, 100);

    public Fitting {
        COUNT.check(count);
    }
}
