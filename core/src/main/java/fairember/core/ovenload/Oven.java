package fairember.core.ovenload;

import fairember.core.measure.Energy;
import fairember.core.measure.Length;
import fairember.core.measure.Minutes;
import fairember.core.measure.Span;
import fairember.core.measure.Words;

/**
 * An oven and its one tray.
 *
 * @param name 1 to 60 characters
 * @param trayWidth usable, 80 to 1000 mm
 * @param trayDepth usable, 80 to 1000 mm
 * @param clearance from the tray to what is above it, 20 to 600 mm
 * @param gap between things on the tray, 0 to 50 mm
 * @param preheat minutes until it is at temperature, 0 to 60
 * @param preheatEnergy kWh to get there, 0 to 10
 * @param holdKw kW to stay there, 0 to 10
 */
public record Oven(
        String name,
        Length trayWidth,
        Length trayDepth,
        Length clearance,
        Length gap,
        Minutes preheat,
        Energy preheatEnergy,
        double holdKw) {
    public static final Span TRAY_WIDTH = Span.of("trayWidthMm", "tray width", 80, 1000, "mm");
    public static final Span TRAY_DEPTH = Span.of("trayDepthMm", "tray depth", 80, 1000, "mm");
    public static final Span CLEARANCE = Span.of("clearanceMm", "height above the tray", 20, 600, "mm");
    public static final Span GAP = Span.of("gapMm", "gap between pieces", 0, 50, "mm");
    public static final Span PREHEAT = Span.of("preheatMin", "preheat", 0, 60, "min");
    public static final Span PREHEAT_KWH = Span.of("preheatKwh", "energy to preheat", 0, 10, "kWh");
    public static final Span HOLD_KW = Span.of("holdKw", "power to hold", 0, 10, "kW");

    public Oven {
        name = Words.name("name", name);
        TRAY_WIDTH.check(trayWidth.mm());
        TRAY_DEPTH.check(trayDepth.mm());
        CLEARANCE.check(clearance.mm());
        GAP.check(gap.mm());
        PREHEAT.check(preheat.min());
        PREHEAT_KWH.check(preheatEnergy.kwh());
        HOLD_KW.check(holdKw);
    }

    /** Energy of one load: preheat and hold. */
    public Energy energyOf(Minutes hold) {
        return preheatEnergy.plus(new Energy(holdKw * hold.min() / 60));
    }
}
