package fairember.core.ovenload;

import fairember.core.input.Gathering;
import fairember.core.input.Span;
import fairember.core.input.Words;
import fairember.core.quantity.Energy;
import fairember.core.quantity.Length;
import fairember.core.quantity.Minutes;
import java.util.List;

/**
 * An oven and its trays, which are all of one size.
 *
 * @param name 1 to 60 characters
 * @param trayWidth usable, 80 to 1000 mm
 * @param trayDepth usable, 80 to 1000 mm
 * @param shelves free height above each tray, 1 to 6 of 20 to 600 mm
 * @param gap between things on the tray, 0 to 50 mm
 * @param preheat minutes until it is at temperature, 0 to 60; before each load
 * @param unload minutes to take a load out, 0 to 60
 * @param preheatEnergy kWh to get to temperature, 0 to 10
 * @param keepHotKw kW to stay there, 0 to 10
 * @param cold whether things go in before it is heated; else they go in when it is hot
 * @param spots places of its trays, all alike, that are known to be warmer or cooler, up to 24
 */
public record Oven(
        String name,
        Length trayWidth,
        Length trayDepth,
        List<Length> shelves,
        Length gap,
        Minutes preheat,
        Minutes unload,
        Energy preheatEnergy,
        double keepHotKw,
        boolean cold,
        List<TraySpot> spots) {
    public static final Span TRAY_WIDTH = Span.of("trayWidthMm", "tray width", 80, 1000, "mm");
    public static final Span TRAY_DEPTH = Span.of("trayDepthMm", "tray depth", 80, 1000, "mm");
    public static final Span CLEARANCE = Span.of("clearanceMm", "height above the tray", 20, 600, "mm");
    public static final Span SHELVES = Span.count("shelves", "trays", 1, 6);
    public static final Span SPOTS = Span.count("spots", "warmer or cooler spots", 0, 24);
    public static final Span GAP = Span.of("gapMm", "gap between pieces", 0, 50, "mm");
    public static final Span PREHEAT = Span.of("preheatMin", "preheat", 0, 60, "min");
    public static final Span UNLOAD = Span.of("unloadMin", "unloading", 0, 60, "min");
    public static final Span PREHEAT_KWH = Span.of("preheatKwh", "energy to preheat", 0, 10, "kWh");
    public static final Span KEEP_HOT_KW = Span.of("keepHotKw", "power to keep it hot", 0, 10, "kW");

    /**
     * An oven within its spans.
     *
     * @throws fairember.core.input.InvalidInputException with everything that is outside
     */
    public Oven {
        shelves = List.copyOf(shelves);
        spots = List.copyOf(spots);
        name = Words.name("name", name);
        Gathering g = new Gathering();
        g.within(TRAY_WIDTH, trayWidth.mm());
        g.within(TRAY_DEPTH, trayDepth.mm());
        g.within(GAP, gap.mm());
        g.within(PREHEAT, preheat.min());
        g.within(UNLOAD, unload.min());
        g.within(PREHEAT_KWH, preheatEnergy.kwh());
        g.within(SHELVES, shelves.size());
        g.within(SPOTS, spots.size());
        g.within(KEEP_HOT_KW, keepHotKw);
        for (Length shelf : shelves) {
            g.within(CLEARANCE, shelf.mm());
        }
        g.orRefuse();
    }

    /** Energy of one load: preheat and baking time. */
    public Energy energyOf(Minutes bakingTime) {
        return preheatEnergy.plus(new Energy(keepHotKw * bakingTime.min() / 60));
    }

    /** Minutes a load keeps it: preheat, baking time and unloading. */
    public Minutes keeps(Minutes bakingTime) {
        return preheat.plus(bakingTime).plus(unload);
    }

    /** The greatest free height above a tray. */
    public Length clearance() {
        return shelves.stream().max(Length::compareTo).orElseThrow();
    }
}
