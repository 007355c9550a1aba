package fairember.app.price;

import fairember.app.web.WorkingsView;
import fairember.core.price.CostInputs;
import fairember.core.price.DesignCost;
import fairember.core.price.DesignCostWorkings;
import java.util.List;

/** What one piece of a batch costs; money is per piece. */
public record CostView(
        int quantity,
        List<RungView> rungs,
        long costMinor,
        long priceMinor,
        boolean asked,
        long profitMinor,
        double marginPercent,
        List<ClayCostView> clays,
        double tornMm,
        double setupMin,
        double eachMin,
        double handsMin,
        int loads,
        double energyKwh,
        WorkingsView workings) {

    /** A rung of the ladder. */
    public record RungView(String name, long costMinor) {}

    /** Clay of one colour in one design, waste included, and the block its price is taken from. */
    public record ClayCostView(String name, double massG, double blockG, long blockMinor) {}

    public static CostView of(DesignCost cost) {
        CostInputs in = cost.in();
        return new CostView(
                in.quantity(),
                cost.rungs().stream()
                        .map(r -> new RungView(r.name(), r.cost().minor()))
                        .toList(),
                cost.cost().minor(),
                cost.price().minor(),
                in.asked() != null,
                cost.profit().minor(),
                cost.marginPercent(),
                in.clays().stream()
                        .map(c -> new ClayCostView(
                                c.name(),
                                c.mass().g(),
                                c.block().mass().g(),
                                c.block().price().minor()))
                        .toList(),
                in.foil().mm(),
                in.setup().min(),
                in.each().min(),
                in.hands().min(),
                in.loads(),
                in.energy().kwh(),
                WorkingsView.of(DesignCostWorkings.of(cost)));
    }
}
