package fairember.core.stock;

import fairember.core.document.Default;
import fairember.core.document.Name;
import fairember.core.document.SavedUnder;
import fairember.core.input.Gathering;
import fairember.core.input.Span;
import fairember.core.quantity.Area;
import fairember.core.quantity.Minutes;
import fairember.core.quantity.Money;
import fairember.core.quantity.Share;

/**
 * Something that is used up in making: paint, varnish, glue, powder, sandpaper.
 *
 * @param id its number in the studio
 * @param unit that it is counted in
 * @param pack how many of the unit are in a pack, 0.01 to 100 000; of what wears out, how often one is used
 * @param price of a pack
 * @param onShelf how many of the unit are at hand, 0 to 1 000 000
 * @param leadDays days from the order until it is there, 0 to 120
 * @param squareMetres that a litre covers in one coat, 1 to 30; of what is put on in coats
 * @param drying of a coat at 20 °C and 50 % humidity, 0 to 10 080 min; of what is put on in coats
 * @param stays share of it that stays on brush and palette, 0 to 90 %
 * @param waterBased whether it dries with its water, so that damp air slows it
 */
public record Supply(
        @SavedUnder long id,
        @Name String name,
        SupplyKind kind,
        SupplyUnit unit,
        double pack,
        Money price,
        double onShelf,
        @Default("0") int leadDays,
        @Default("8") double squareMetres,
        @Default("20") Minutes drying,
        @Default("30") Share stays,
        @Default("true") boolean waterBased) {
    public static final Span PACK = Span.of("pack", "in a pack", 0.01, 100_000, "");
    public static final Span PRICE = BlockSize.PRICE;
    public static final Span ON_SHELF = Span.of("onShelf", "on the shelf", 0, 1_000_000, "");
    public static final Span LEAD_DAYS = Span.count("leadDays", "days to get it", 0, 120);
    public static final Span SQUARE_METRES = Span.of("squareMetres", "a litre covers", 1, 30, "m²");
    public static final Span DRYING = Span.of("dryingMin", "drying of a coat", 0, 10_080, "min");
    public static final Span STAYS = Span.of("staysPercent", "stays on the brush", 0, 90, "%");
    /** Drops in a millilitre of paint or varnish, a rule of thumb. */
    public static final double DROPS_PER_ML = 20;

    private static final double MM2_PER_ML_AND_M2_PER_L = 1000;

    public Supply {
        Gathering g = new Gathering();
        g.within(PACK, pack);
        g.within(PRICE, (double) price.minor());
        g.within(ON_SHELF, onShelf);
        g.within(LEAD_DAYS, (double) leadDays);
        g.within(SQUARE_METRES, squareMetres);
        g.within(DRYING, drying.min());
        g.within(STAYS, stays.percent());
        if (kind.coats() && unit != SupplyUnit.ML && unit != SupplyUnit.DROP) {
            g.error("unit", unit.label(), "ml or drops", "Count what goes on in coats in ml or drops.");
        }
        g.orRefuse();
    }

    /**
     * What coats on a surface take of it, in its unit.
     *
     * <pre>ml = mm²·coats/(1000·m² per litre)/(1 − stays)</pre>
     */
    public double forCoats(Area surface, int coats) {
        double ml = surface.mm2() * coats / (MM2_PER_ML_AND_M2_PER_L * squareMetres) / (1 - stays.of1());
        return unit == SupplyUnit.DROP ? ml * DROPS_PER_ML : ml;
    }

    /** What is left when so many of its unit were used, never less than none. */
    public Supply without(double used) {
        return new Supply(
                id,
                name,
                kind,
                unit,
                pack,
                price,
                Math.max(0, onShelf - used),
                leadDays,
                squareMetres,
                drying,
                stays,
                waterBased);
    }

    /** What so many of its unit cost, in minor units, not yet rounded. */
    public double minor(double amount) {
        return amount * (double) price.minor() / pack;
    }

    /** Whole packs to buy so that there are at least so many of its unit. */
    public int packsFor(double amount) {
        return (int) Math.ceil(Math.max(0, amount - onShelf) / pack - 1e-9);
    }
}
