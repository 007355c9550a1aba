package fairember.core.foilcore;

import fairember.core.input.Gathering;
import fairember.core.input.Span;
import fairember.core.quantity.Area;
import fairember.core.quantity.Length;
import fairember.core.quantity.Mass;
import fairember.core.quantity.Money;

/**
 * A roll of kitchen foil.
 *
 * @param thickness of the foil, 0.010 to 0.024 mm (default 0.016)
 * @param width of the roll, 100 to 600 mm (default 300)
 * @param length of foil on a new roll, 1 to 300 m
 * @param price of a roll
 * @param packed how dense this maker presses it
 */
public record FoilRoll(Length thickness, Length width, Length length, Money price, PackedFoil packed) {
    public static final Span THICKNESS = Span.of("foilUm", "foil thickness", 10, 24, "µm");
    public static final Span WIDTH = Span.of("foilWidthMm", "width of the roll", 100, 600, "mm");
    public static final Span LENGTH = Span.of("foilLengthM", "foil on a roll", 1, 300, "m");
    public static final Span PRICE = Span.count("foilPriceMinor", "price of a roll", 0, 1_000_000);
    /** Aluminium, g/cm³. */
    static final double ALUMINIUM = 2.70;

    /**
     * A roll within its spans.
     *
     * @throws fairember.core.input.InvalidInputException with everything that is outside
     */
    public FoilRoll {
        Gathering g = new Gathering();
        g.within(THICKNESS, thickness.mm() * 1000);
        g.within(WIDTH, width.mm());
        g.within(LENGTH, length.mm() / 1000);
        g.within(PRICE, (double) price.minor());
        g.orRefuse();
    }

    /** Foil of which only the sizes are known. */
    public static FoilRoll priceless(Length thickness, Length width, PackedFoil packed) {
        return new FoilRoll(thickness, width, new Length(1000), Money.ZERO, packed);
    }

    /** Foil of this mass, spread out: mm² = 1000·g/(2.70·mm). */
    public Area areaOf(Mass mass) {
        return new Area(1000 * mass.g() / (ALUMINIUM * thickness.mm()));
    }

    /** Length to tear off the roll for this mass. */
    public Length tornFor(Mass mass) {
        return new Length(areaOf(mass).mm2() / width.mm());
    }

    /** What that length costs. */
    public Money costOf(Length torn) {
        return price.times(torn.mm() / length.mm());
    }
}
