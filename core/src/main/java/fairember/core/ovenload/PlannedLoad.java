package fairember.core.ovenload;

import fairember.core.advice.Advice;
import fairember.core.quantity.Energy;
import fairember.core.quantity.Minutes;
import fairember.core.quantity.Share;
import fairember.core.quantity.Temperature;
import java.util.List;

/**
 * One load of an oven. Times are minutes from the zero of the plan.
 *
 * @param oven counted from 0
 * @param items what is in it
 * @param temperature that suits all of them
 * @param bakingTime minutes at temperature
 * @param heatFrom when the oven is switched on
 * @param in when the tray goes in
 * @param end when it is out and unloaded
 * @param energy for preheat and baking time
 * @param places of every thing on the trays
 * @param fill share of the trays covered by the boxes on them
 * @param pinned whether the maker holds it so
 * @param why these share it
 */
public record PlannedLoad(
        int oven,
        List<Item> items,
        Temperature temperature,
        Minutes bakingTime,
        Minutes heatFrom,
        Minutes in,
        Minutes end,
        Energy energy,
        List<Place> places,
        Share fill,
        boolean pinned,
        List<Advice> why) {
    public PlannedLoad {
        items = List.copyOf(items);
        places = List.copyOf(places);
        why = List.copyOf(why);
    }

    /** A number of things of a bake. */
    public record Item(Bake bake, int count) {}
}
