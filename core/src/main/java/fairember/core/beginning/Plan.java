package fairember.core.beginning;

import fairember.core.batch.BatchNeeds;
import fairember.core.batch.BatchSchedule;
import fairember.core.design.MeasuredDesign;
import fairember.core.design.MeasuredStage;
import fairember.core.price.DesignCost;
import fairember.core.quantity.Mass;
import fairember.core.quantity.Money;
import java.util.List;

/**
 * What comes of a {@link PlanBasis}.
 *
 * @param designs measured, small parts of others first
 * @param needs clay, foil and findings for all of them
 * @param schedule hands and loads from now
 * @param costs of one piece of each design that is wanted for itself
 */
public record Plan(List<MeasuredDesign> designs, BatchNeeds needs, BatchSchedule schedule, List<DesignCost> costs) {
    public Plan {
        designs = List.copyOf(designs);
        costs = List.copyOf(costs);
    }

    /** The longest bake of any design, minutes. */
    public double longestBakeMin() {
        return designs.stream()
                .flatMap(design -> design.stages().stream())
                .map(MeasuredStage::need)
                .mapToDouble(need -> need.bakingTime().min())
                .max()
                .orElse(0);
    }

    /** All clay to take. */
    public Mass clay() {
        return new Mass(needs.clays().stream().mapToDouble(c -> c.needed().g()).sum());
    }

    /** The price of one of each design together. */
    public Money price() {
        return costs.stream().map(DesignCost::price).reduce(Money.ZERO, Money::plus);
    }

    /** What clay has to be bought costs. */
    public Money toBuy() {
        return needs.clays().stream().map(c -> c.cover().cost()).reduce(Money.ZERO, Money::plus);
    }
}
