package fairember.core.price;

import fairember.core.quantity.Money;
import fairember.core.workings.Source;
import fairember.core.workings.Workings;

/** How the hands, the oven, the cost and the price of a design come about. */
public final class DesignCostWorkings {
    private DesignCostWorkings() {}

    public static Workings of(DesignCost cost) {
        CostInputs in = cost.in();
        Rates rates = in.rates();
        Workings.Steps steps = Workings.of("Cost and price of one in a batch of " + in.quantity());
        steps.given("n", "pieces in the batch", in.quantity(), "", Source.ENTERED)
                .given("u", "set-up", in.setup().min(), "min", Source.WORKED)
                .given("i", "work for one piece", in.each().min(), "min", Source.WORKED)
                .worked("H", "work for the batch", in.hands().min(), "min", "u + n·i")
                .given("h", "an hour of work", minor(rates.hour()), "minor", Source.ENTERED)
                .given("E", "oven for the batch", in.energy().kwh(), "kWh", Source.WORKED)
                .given("e", "a kilowatt-hour", minor(rates.kwh()), "minor", Source.ENTERED)
                .given("v", "wear for an hour of work", minor(rates.wear()), "minor", Source.ENTERED)
                .given("l", "pieces lost", in.lost().of1(), "", Source.WORKED);
        int i = 0;
        String findings = "0";
        StringBuilder sum = new StringBuilder();
        for (DesignCost.Rung rung : cost.rungs()) {
            i++;
            String symbol = "c" + i;
            String before = sum.toString();
            sum.append(i == 1 ? "" : " + ").append(symbol);
            findings = rung.name().equals("findings") ? symbol : findings;
            switch (rung.name()) {
                case "oven" -> steps.worked(symbol, "oven, rounded", minor(rung.cost()), "minor", "round(e·E/n)");
                case "work" -> steps.worked(symbol, "work, rounded", minor(rung.cost()), "minor", "round(h·H/(60·n))");
                case "wear" -> steps.worked(symbol, "wear, rounded", minor(rung.cost()), "minor", "round(v·H/(60·n))");
                case "losses" ->
                    steps.worked(
                            symbol,
                            "losses, rounded",
                            minor(rung.cost()),
                            "minor",
                            "round((%s − %s)·l/(1 − l))".formatted(before, findings));
                default -> steps.given(symbol, rung.name(), minor(rung.cost()), "minor", Source.WORKED);
            }
        }
        steps.worked("C", "cost", minor(cost.cost()), "minor", sum.toString());
        if (in.asked() != null) {
            steps.given("P", "price", minor(cost.price()), "minor", Source.ENTERED);
        } else {
            steps.given("m", "margin wanted", rates.margin().percent(), "%", Source.ENTERED)
                    .given("s", "price step", minor(rates.step()), "minor", Source.ENTERED)
                    .worked("P", "price", minor(cost.price()), "minor", "s·ceil(round(C/(1 − m/100))/s)");
        }
        return steps.worked("K", "profit", minor(cost.profit()), "minor", "P − C")
                .done();
    }

    private static double minor(Money money) {
        return (double) money.minor();
    }
}
