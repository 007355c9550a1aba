package fairember.core.ovenload;

import fairember.core.finding.Finding;
import fairember.core.measure.Figures;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/** Finds what lies where the tray is too warm for it, or too cool to cure. */
public final class HotPlaces {
    /** A place is known so far around where it was measured, in mm. */
    static final double REACH_MM = 45;

    /** A thermostat swings so much anyway. */
    private static final double SWING_C = 5;

    private HotPlaces() {}

    /** A finding for each bake of a load some of whose things lie so, by all places that are known. */
    public static List<Finding> findings(PlannedLoad load, List<TraySpot> spots) {
        List<Finding> findings = new ArrayList<>();
        for (TraySpot spot : spots) {
            double there = load.temperature().c() + spot.offC();
            Set<String> near = new LinkedHashSet<>();
            load.places().stream()
                    .filter(place -> distance(place, spot) <= REACH_MM)
                    .forEach(place -> near.add(place.key()));
            for (PlannedLoad.Item item : load.items()) {
                Bake bake = item.bake();
                boolean hot = there > bake.high().c();
                boolean cool = there < bake.low().c() - SWING_C;
                if (near.contains(bake.key()) && (hot || cool)) {
                    findings.add(Finding.warns(
                            hot ? "hot-place" : "cool-place",
                            "%s lies where the tray has about %s, %s the %s it takes."
                                    .formatted(
                                            bake.name(),
                                            Figures.show(there, "°C"),
                                            hot ? "over" : "under",
                                            Figures.show(
                                                    hot
                                                            ? bake.high().c()
                                                            : bake.low().c(),
                                                    "°C")),
                            hot
                                    ? "Leave that place free, or tent it with foil."
                                    : "Leave that place free, or hold it longer.",
                            bake.name()));
                }
            }
        }
        return findings;
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
