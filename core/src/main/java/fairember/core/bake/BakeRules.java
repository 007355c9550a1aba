package fairember.core.bake;

import fairember.core.input.Span;
import fairember.core.quantity.Minutes;

/**
 * How the studio bakes.
 *
 * @param bakingMethod for full cures
 * @param longAndLow minutes of a cure baked long and low, 20 to 180 (default 60)
 * @param set minutes of a short set, 2 to 30 (default 10)
 * @param byHeat whether a cure is held longer where the heat needs it to reach the middle
 */
public record BakeRules(BakingMethod bakingMethod, Minutes longAndLow, Minutes set, boolean byHeat) {
    public static final Span LONG_AND_LOW = Span.of("longAndLowMin", "time of long and low", 20, 180, "min");
    public static final Span PART_BAKE = Span.of("partBakeMin", "time of a part-bake", 2, 30, "min");

    /** Rules that count by the packet or the clock alone. */
    public BakeRules(BakingMethod bakingMethod, Minutes longAndLow, Minutes set) {
        this(bakingMethod, longAndLow, set, false);
    }

    public BakeRules {
        LONG_AND_LOW.check(longAndLow.min());
        PART_BAKE.check(set.min());
    }
}
