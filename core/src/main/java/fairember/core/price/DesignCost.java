package fairember.core.price;

import fairember.core.quantity.Money;
import java.util.List;

/**
 * What one piece costs when it is made in a batch; money is per piece.
 *
 * @param in what it was calculated from
 * @param rungs clay, foil, findings, supplies, oven, work, wear and losses, in this order
 * @param cost sum of the rungs
 * @param price asked, or calculated from the margin
 * @param profit price less cost
 */
public record DesignCost(CostInputs in, List<Rung> rungs, Money cost, Money price, Money profit) {
    public DesignCost {
        rungs = List.copyOf(rungs);
    }

    /**
     * A rung of the ladder.
     *
     * @param name "clay", "foil", "findings", "supplies", "oven", "work", "wear" or "losses"
     * @param cost for one design
     */
    public record Rung(String name, Money cost) {}

    /** Share of the price that is profit, in per cent; 0 when the price is nothing. */
    public double marginPercent() {
        return price.minor() == 0 ? 0 : 100.0 * profit.minor() / price.minor();
    }
}
