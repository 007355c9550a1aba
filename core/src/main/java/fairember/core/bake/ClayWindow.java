package fairember.core.bake;

import fairember.core.document.InUnit;
import fairember.core.input.Figures;
import fairember.core.input.Gathering;
import fairember.core.input.Span;
import fairember.core.quantity.Length;
import fairember.core.quantity.Minutes;
import fairember.core.quantity.Temperature;
import java.util.Optional;

/**
 * What the packet of a clay line says of the oven.
 *
 * @param low coolest temperature that cures it
 * @param high warmest temperature the packet advises
 * @param ceiling temperature never to pass
 * @param per6Mm minutes for every 6 mm of thickest section
 * @param least fewest minutes, however thin
 * @param most minutes in one bake after which colours suffer
 * @param greatest thickest section that cures through, or dries through
 * @param dries for clay that dries in the air: minutes for every 6 mm; empty for clay that is baked
 */
public record ClayWindow(
        Temperature low,
        Temperature high,
        Temperature ceiling,
        Minutes per6Mm,
        Minutes least,
        Minutes most,
        Length greatest,
        @InUnit("H") Optional<Minutes> dries) {
    public static final Span LOW = Span.of("lowC", "window from", 60, 200, "°C");
    public static final Span HIGH = Span.of("highC", "window to", 60, 200, "°C");
    public static final Span CEILING = Span.of("ceilingC", "ceiling", 60, 220, "°C");
    public static final Span PER_6_MM = Span.of("per6MmMin", "minutes per 6 mm", 1, 120, "min");
    public static final Span LEAST = Span.of("leastMin", "least baking time", 1, 240, "min");
    public static final Span MOST = Span.of("mostMin", "longest baking time", 5, 600, "min");
    public static final Span DRIES = Span.of("driesH", "hours in air per 6 mm", 0, 200, "h");
    public static final Span GREATEST = Span.of("greatestMm", "greatest section", 2, 60, "mm");

    /** A clay that is baked. */
    public ClayWindow(
            Temperature low,
            Temperature high,
            Temperature ceiling,
            Minutes per6Mm,
            Minutes least,
            Minutes most,
            Length greatest) {
        this(low, high, ceiling, per6Mm, least, most, greatest, Optional.empty());
    }

    /**
     * A window in order: low to high to ceiling, least to most.
     *
     * @throws fairember.core.input.InvalidInputException when a value is outside its span or out of order
     */
    public ClayWindow {
        dries = dries.filter(air -> air.min() > 0);
        Optional<Minutes> drying = dries;
        Gathering gathering = new Gathering();
        gathering.within(LOW, low.c());
        gathering.within(HIGH, high.c());
        gathering.within(CEILING, ceiling.c());
        gathering.within(PER_6_MM, per6Mm.min());
        gathering.within(LEAST, least.min());
        gathering.within(MOST, most.min());
        gathering.within(GREATEST, greatest.mm());
        drying.ifPresent(air -> gathering.at("", () -> DRIES.check(air.min() / 60)));
        order(gathering, HIGH, low.c(), high.c());
        order(gathering, CEILING, high.c(), ceiling.c());
        order(gathering, MOST, least.min(), most.min());
        gathering.orRefuse();
    }

    private static void order(Gathering gathering, Span upper, double lower, double value) {
        if (value < lower) {
            gathering.error(
                    upper.field(),
                    Figures.show(value, upper.unit()),
                    Figures.show(lower, upper.unit()) + " or more",
                    "Make the %s at least the value before it.".formatted(upper.label()));
        }
    }
}
