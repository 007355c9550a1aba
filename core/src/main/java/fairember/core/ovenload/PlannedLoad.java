package fairember.core.ovenload;

import fairember.core.finding.Finding;
import fairember.core.measure.Energy;
import fairember.core.measure.Minutes;
import fairember.core.measure.Share;
import fairember.core.measure.Temperature;
import java.util.List;

/**
 * One load of the oven.
 *
 * @param items what is in it
 * @param temperature that suits all of them
 * @param hold minutes at temperature
 * @param energy for preheat and hold
 * @param places of every thing on the tray
 * @param fill share of the tray covered by the boxes on it
 * @param why these share it
 */
public record PlannedLoad(
        List<Item> items,
        Temperature temperature,
        Minutes hold,
        Energy energy,
        List<Place> places,
        Share fill,
        List<Finding> why) {
    public PlannedLoad {
        items = List.copyOf(items);
        places = List.copyOf(places);
        why = List.copyOf(why);
    }

    /** So many things of a bake. */
    public record Item(Bake bake, int count) {}
}
