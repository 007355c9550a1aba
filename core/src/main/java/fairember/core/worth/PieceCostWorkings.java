package fairember.core.worth;

import fairember.core.workings.Source;
import fairember.core.workings.Workings;

/** How the hands, the oven, the cost and the price of a piece come about. */
public final class PieceCostWorkings {
    private PieceCostWorkings() {}

    public static Workings of(PieceCost cost) {
        Rates rates = cost.rates();
        Workings.Steps steps = Workings.of("Cost and price of one in a batch of " + cost.quantity());
        steps.given("n", "pieces in the batch", cost.quantity(), "", Source.ENTERED)
                .given("H", "hands for the batch", cost.minutes().min(), "min", Source.WORKED)
                .given("h", "an hour of hands", rates.hour().minor(), "minor", Source.ENTERED)
                .given("E", "oven for the batch", cost.energy().kwh(), "kWh", Source.WORKED)
                .given("e", "a kilowatt-hour", rates.kwh().minor(), "minor", Source.ENTERED);
        int i = 0;
        StringBuilder sum = new StringBuilder();
        for (PieceCost.Rung rung : cost.rungs()) {
            i++;
            sum.append(i == 1 ? "" : " + ").append("c").append(i);
            String symbol = "c" + i;
            switch (rung.name()) {
                case "oven" -> steps.worked(symbol, "oven, rounded", rung.cost().minor(), "minor", "round(e·E/n)");
                case "hands" ->
                    steps.worked(symbol, "hands, rounded", rung.cost().minor(), "minor", "round(h·H/(60·n))");
                default -> steps.given(symbol, rung.name(), rung.cost().minor(), "minor", Source.WORKED);
            }
        }
        steps.worked("C", "cost", cost.cost().minor(), "minor", sum.toString());
        if (cost.asked()) {
            steps.given("P", "price asked", cost.price().minor(), "minor", Source.ENTERED);
        } else {
            steps.given("m", "margin wanted", rates.margin().percent(), "%", Source.ENTERED)
                    .given("s", "price step", rates.step().minor(), "minor", Source.ENTERED)
                    .worked("P", "price", cost.price().minor(), "minor", "s·ceil(round(C/(1 − m/100))/s)");
        }
        return steps.worked("K", "kept", cost.kept().minor(), "minor", "P − C").done();
    }
}
