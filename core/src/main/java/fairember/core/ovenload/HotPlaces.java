package fairember.core.ovenload;

import fairember.core.advice.Advice;
import fairember.core.input.Figures;
import fairember.core.quantity.Temperature;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Where a tray is too warm for what lies there, or too cool to cure it.
 *
 * <p>A place is known 45 mm around where it was measured. Too warm is over the warmest temperature that a bake takes; too
 * cool is more than the 5 °C that a thermostat swings under the coolest.
 */
public final class HotPlaces {
    static final double REACH_MM = 45;
    private static final double SWING_C = 5;

    private final List<TraySpot> spots;
    private final double temperatureC;
    private final Map<BakeKey, Bake> bakes = new HashMap<>();

    /** The known places of an oven's trays in a load of these bakes at a temperature. */
    public HotPlaces(Oven oven, Temperature temperature, Collection<Bake> bakes) {
        this.spots = oven.spots();
        this.temperatureC = temperature.c();
        bakes.forEach(bake -> this.bakes.put(bake.key(), bake));
    }

    /** Whether a thing lies where it is too warm or too cool for it. */
    boolean unfit(Place place) {
        Bake bake = bakes.get(place.key());
        return bake != null
                && spots.stream()
                        .anyMatch(spot -> (hot(spot, bake) || cool(spot, bake)) && distance(place, spot) <= REACH_MM);
    }

    /** A finding for each bake some of whose things lie so, place by place. */
    public List<Advice> advice(List<Place> places) {
        List<Advice> advice = new ArrayList<>();
        for (TraySpot spot : spots) {
            places.stream()
                    .filter(place -> distance(place, spot) <= REACH_MM)
                    .map(Place::key)
                    .distinct()
                    .map(bakes::get)
                    .filter(bake -> bake != null && (hot(spot, bake) || cool(spot, bake)))
                    .forEach(bake -> advice.add(advice(spot, bake)));
        }
        return advice;
    }

    private Advice advice(TraySpot spot, Bake bake) {
        boolean hot = hot(spot, bake);
        double taken = hot ? bake.high().c() : bake.low().c();
        return Advice.caution(
                hot ? "hot-place" : "cool-place",
                "%s is where the tray reaches about %s, %s the %s it can take."
                        .formatted(
                                bake.name(),
                                Figures.show(temperatureC + spot.warmerC(), "°C"),
                                hot ? "over" : "under",
                                Figures.show(taken, "°C")),
                hot ? "Leave that spot free, or tent the piece with foil." : "Leave that spot free, or bake longer.",
                bake.name());
    }

    private boolean hot(TraySpot spot, Bake bake) {
        return temperatureC + spot.warmerC() > bake.high().c();
    }

    private boolean cool(TraySpot spot, Bake bake) {
        return temperatureC + spot.warmerC() < bake.low().c() - SWING_C;
    }

    /** From a place that was measured to the nearest edge of a thing, in mm; 0 when the thing lies on it. */
    private static double distance(Place place, TraySpot spot) {
        double across = outside(
                spot.left().mm(),
                place.left().mm(),
                place.left().mm() + place.width().mm());
        double deep = outside(
                spot.back().mm(),
                place.back().mm(),
                place.back().mm() + place.depth().mm());
        return Math.hypot(across, deep);
    }

    private static double outside(double at, double from, double to) {
        return Math.max(0, Math.max(from - at, at - to));
    }
}
