package fairember.core.ovenload;

import fairember.core.input.Span;
import fairember.core.quantity.Length;

/**
 * How much warmer than the oven's middle it is at a place on its tray.
 *
 * @param left from the left edge, 0 to 1000 mm
 * @param back from the back edge, 0 to 1000 mm
 * @param warmerC °C above the middle, below it negative, −40 to 40
 */
public record TraySpot(Length left, Length back, double warmerC) {
    public static final Span LEFT = Span.of("leftMm", "from the left edge", 0, 1000, "mm");
    public static final Span BACK = Span.of("backMm", "from the back edge", 0, 1000, "mm");
    public static final Span WARMER = Span.of("warmerC", "warmer than the middle", -40, 40, "°C");

    public TraySpot {
        WARMER.check(warmerC);
    }
}
