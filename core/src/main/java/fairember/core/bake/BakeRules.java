package fairember.core.bake;

import fairember.core.input.Span;
import fairember.core.quantity.Minutes;

/**
 * How the studio bakes.
 *
 * @param bakingMethod for full cures
 * @param longAndLow minutes of a cure baked long and low, 20 to 180 (default 60)
 * @param set minutes of a short set, 2 to 30 (default 10)
 * @param paint minutes that set paint on cured clay, 2 to 60 (default 10)
 * @param byHeat whether a cure is held longer where the heat needs it to reach the middle
 */
public record BakeRules(BakingMethod bakingMethod, Minutes longAndLow, Minutes set, Minutes paint, boolean byHeat) {
    public static final Span LONG_AND_LOW = Span.of("longAndLowMin", "time of long and low", 20, 180, "min");
    public static final Span PART_BAKE = Span.of("partBakeMin", "time of a part-bake", 2, 30, "min");

    public static final Span PAINT = Span.of("paintMin", "time that sets paint", 2, 60, "min");

    /** Rules that count by the packet or the clock alone, and set paint as long as anything else. */
    public BakeRules(BakingMethod bakingMethod, Minutes longAndLow, Minutes set) {
        this(bakingMethod, longAndLow, set, set, false);
    }

    public BakeRules {
        LONG_AND_LOW.check(longAndLow.min());
        PART_BAKE.check(set.min());
        PAINT.check(paint.min());
    }

    /** The same for another baking method. */
    public BakeRules by(BakingMethod other) {
        return new BakeRules(other, longAndLow, set, paint, byHeat);
    }
}
