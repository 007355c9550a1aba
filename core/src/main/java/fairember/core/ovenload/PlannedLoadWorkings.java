package fairember.core.ovenload;

import fairember.core.workings.Source;
import fairember.core.workings.Workings;
import java.util.List;

/** How the minutes and the energy of a load come about. */
public final class PlannedLoadWorkings {
    private PlannedLoadWorkings() {}

    /**
     * The longest of its bakes, with what the oven needs before and after.
     *
     * @param oven it is planned for
     */
    public static Workings of(PlannedLoad load, Oven oven) {
        Workings.Steps steps = Workings.of("Time and energy of a load");
        List<PlannedLoad.Item> items = load.items();
        double most = 0;
        String longest = "b1";
        for (int i = 0; i < items.size(); i++) {
            String symbol = "b" + (i + 1);
            Bake bake = items.get(i).bake();
            steps.given(symbol, bake.name() + " needs", bake.bakingTime().min(), "min", Source.WORKED);
            most = Math.max(most, bake.bakingTime().min());
            longest = i == 0 ? symbol : "max(%s, %s)".formatted(longest, symbol);
        }
        return steps.given("p", "preheat", oven.preheat().min(), "min", Source.ENTERED)
                .given("u", "unloading", oven.unload().min(), "min", Source.ENTERED)
                .given("e", "energy to preheat", oven.preheatEnergy().kwh(), "kWh", Source.ENTERED)
                .given("k", "power to keep it hot", oven.keepHotKw(), "kW", Source.ENTERED)
                .worked("l", "the longest of them", most, "min", longest)
                .given(
                        "r",
                        "rounded up to the steps of the plan",
                        load.bakingTime().min() - most,
                        "min",
                        Source.CONSTANT)
                .worked("b", "baking time", load.bakingTime().min(), "min", "l + r")
                .worked(
                        "t",
                        "the oven is taken for",
                        oven.keeps(load.bakingTime()).min(),
                        "min",
                        "p + b + u")
                .worked("E", "energy", load.energy().kwh(), "kWh", "e + k·b/60")
                .done();
    }
}
