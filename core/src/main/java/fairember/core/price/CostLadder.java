package fairember.core.price;

import fairember.core.quantity.Money;
import java.util.ArrayList;
import java.util.List;

/** Adds up the cost of one piece, rung by rung. */
public final class CostLadder {
    private CostLadder() {}

    /**
     * The cost and the price of one of a batch. Set-up minutes and oven loads are shared by the designs of the batch.
     *
     * <pre>
     * hands = hour·(set-up + n·each)/(60·n)
     * oven  = kWh price·energy/n
     * wear = wear of an hour·(set-up + n·each)/(60·n)
     * losses = (clay + foil + supplies + oven + work + wear)·lost/(1 − lost)
     * price = cost/(1 − margin), raised to the next price step, unless the maker set it
     * </pre>
     *
     * A lost piece has cost as much as a finished one but for its findings, which are fitted last. Each rung is rounded once to a whole minor unit; the cost is the sum of the rounded rungs.
     */
    public static DesignCost of(CostInputs in) {
        Rates rates = in.rates();
        double clay = in.clays().stream().mapToDouble(CostInputs.Clay::minor).sum();
        double hours = in.hands().min() / 60 / in.quantity();
        List<DesignCost.Rung> made = List.of(
                new DesignCost.Rung("clay", new Money(1).times(clay)),
                new DesignCost.Rung("foil", in.roll().costOf(in.foil())),
                new DesignCost.Rung("findings", in.findings()),
                new DesignCost.Rung("supplies", in.supplies()),
                new DesignCost.Rung("oven", rates.kwh().times(in.energy().kwh() / in.quantity())),
                new DesignCost.Rung("work", rates.hour().times(hours)),
                new DesignCost.Rung("wear", rates.wear().times(hours)));
        double lost = in.lost().of1();
        Money losses = sum(made).minus(in.findings()).times(lost / (1 - lost));
        List<DesignCost.Rung> rungs = new ArrayList<>(made);
        rungs.add(new DesignCost.Rung("losses", losses));
        Money cost = sum(rungs);
        Money asked = in.asked();
        Money price = asked != null
                ? asked
                : cost.times(1 / (1 - rates.margin().of1())).roundedUpTo(rates.step());
        return new DesignCost(in, rungs, cost, price, price.minus(cost));
    }

    private static Money sum(List<DesignCost.Rung> rungs) {
        return rungs.stream().map(DesignCost.Rung::cost).reduce(Money.ZERO, Money::plus);
    }
}
