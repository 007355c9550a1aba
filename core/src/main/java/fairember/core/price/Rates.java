package fairember.core.price;

import fairember.core.input.Span;
import fairember.core.quantity.Money;
import fairember.core.quantity.Share;

/**
 * What time, energy and clay cost this studio, and what it wants to keep.
 *
 * @param hour of hands work
 * @param kwh of energy
 * @param waste clay that stays on hands and tools, as a share of what ends up in designs
 * @param margin share of the price to keep after cost, under 95 %
 * @param step prices are whole numbers of this
 * @param wear what sandpaper, swabs, gloves, blades and tools cost for an hour of work
 */
public record Rates(Money hour, Money kwh, Share waste, Share margin, Money step, Money wear) {
    public static final Span HOUR = Span.count("hourMinor", "an hour of work", 0, 1_000_000);
    public static final Span KWH = Span.count("kwhMinor", "a kilowatt-hour", 0, 100_000);
    public static final Span WASTE = Span.of("wastePercent", "waste", 0, 60, "%");
    public static final Span MARGIN = Span.of("marginPercent", "margin", 0, 95, "%");
    public static final Span WEAR = Span.count("wearMinor", "wear for an hour of work", 0, 100_000);
    public static final Span STEP = Span.count("stepMinor", "price step", 1, 100_000);

    /**
     * Rates that can be paid.
     *
     * @throws InvalidInputException when one is outside its span
     */
    public Rates {
        HOUR.check((double) hour.minor());
        KWH.check((double) kwh.minor());
        WASTE.check(waste.percent());
        MARGIN.check(margin.percent());
        STEP.check((double) step.minor());
        WEAR.check((double) wear.minor());
    }
}
