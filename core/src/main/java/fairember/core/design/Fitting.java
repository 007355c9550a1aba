package fairember.core.design;

import fairember.core.document.RefersTo;
import fairember.core.input.Span;

/**
 * Findings fitted to a design.
 *
 * @param findingId number of the finding on the shelf
 * @param count how many in one design, 1 to 100
 */
public record Fitting(@RefersTo("finding") long findingId, int count) {
    public static final Span COUNT = Span.count("count", "count per piece", 1, 100);

    public Fitting {
        COUNT.check(count);
    }
}
