package fairember.core.bake;

import fairember.core.measure.Minutes;
import fairember.core.measure.Span;

/**
 * How the studio bakes.
 *
 * @param school for full cures
 * @param longHold minutes of a cure in the long-hold school, 20 to 180 (default 60)
 * @param set minutes of a short set, 2 to 30 (default 10)
 * @param byHeat whether a cure is held longer where the heat needs it to reach the middle
 */
public record BakeRules(School school, Minutes longHold, Minutes set, boolean byHeat) {
    public static final Span LONG_HOLD = Span.of("longHoldMin", "long hold", 20, 180, "min");
    public static final Span SET = Span.of("setMin", "short set", 2, 30, "min");

    /** Rules that count by the packet or the clock alone. */
    public BakeRules(School school, Minutes longHold, Minutes set) {
        this(school, longHold, set, false);
    }

    public BakeRules {
        LONG_HOLD.check(longHold.min());
        SET.check(set.min());
    }
}
