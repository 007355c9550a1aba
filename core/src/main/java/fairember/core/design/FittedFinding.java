package fairember.core.design;

import fairember.core.quantity.Mass;
import fairember.core.quantity.Money;
import fairember.core.stock.Finding;

/** So many of a finding, fitted to a design. */
public record FittedFinding(Finding finding, int count) {
    /** What they weigh together. */
    public Mass mass() {
        return finding.mass().times(count);
    }

    /** What they cost together. */
    public Money price() {
        return finding.price().times(count);
    }
}
