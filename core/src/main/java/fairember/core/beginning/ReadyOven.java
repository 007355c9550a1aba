package fairember.core.beginning;

import fairember.core.heat.Air;
import fairember.core.quantity.Length;
import fairember.core.quantity.Minutes;
import fairember.core.studio.StudioOven;
import java.util.Arrays;
import java.util.List;

/** Ovens as they are often met, to start from until the maker's own was measured. */
public enum ReadyOven {
    COUNTERTOP("Countertop oven", 300, 230, 140, 11, 0.22, 0.55, Air.STILL),
    SMALL("Small countertop oven", 240, 190, 110, 8, 0.15, 0.4, Air.STILL),
    MOVING_AIR("Countertop oven with a fan", 300, 280, 180, 9, 0.24, 0.6, Air.FAN),
    KITCHEN("Kitchen oven", 440, 350, 200, 14, 0.5, 0.9, Air.STILL);

    private static final double GAP_MM = 8;

    private final String label;
    private final StudioOven oven;

    ReadyOven(
            String label,
            double wideMm,
            double deepMm,
            double clearanceMm,
            double preheatMin,
            double preheatKwh,
            double keepHotKw,
            Air air) {
        this.label = label;
        this.oven = new StudioOven(
                label,
                new Length(wideMm),
                new Length(deepMm),
                new Length(clearanceMm),
                new Length(GAP_MM),
                new Minutes(preheatMin),
                preheatKwh,
                keepHotKw,
                List.of(),
                List.of(),
                Minutes.ZERO,
                false,
                List.of(),
                air,
                null,
                null);
    }

    public String label() {
        return label;
    }

    /** An oven of this kind, by its label. */
    public StudioOven oven() {
        return oven;
    }

    /** Whether an oven still has the tray and the heat of one of these, whatever it is called. */
    static boolean isReady(StudioOven own) {
        return own.readings().isEmpty()
                && Arrays.stream(values())
                        .map(ReadyOven::oven)
                        .anyMatch(ready -> ready.trayWidth().equals(own.trayWidth())
                                && ready.trayDepth().equals(own.trayDepth())
                                && ready.clearance().equals(own.clearance())
                                && ready.preheat().equals(own.preheat()));
    }
}
