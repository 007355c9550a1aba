package fairember.core.stock;

import fairember.core.colour.Opacity;
import fairember.core.colour.Srgb;
import fairember.core.document.Default;
import fairember.core.document.Name;
import fairember.core.document.RefersTo;
import fairember.core.document.SavedUnder;
import fairember.core.input.Gathering;
import fairember.core.input.Span;
import fairember.core.quantity.Area;
import fairember.core.quantity.Minutes;
import fairember.core.quantity.Money;
import fairember.core.quantity.Share;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

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
 * @param keep how many of the unit are to stay on the shelf at least
 * @param colour of a thick coat; null when it has none, or when that follows from what it is mixed of
 * @param opacity how well it hides what lies under it
 * @param parts what it is mixed of, up to {@value #MOST_PARTS}; none of what is bought as it is
 * @param water parts of water in what is mixed
 * @param lots of it that are at hand, up to {@value #MOST_LOTS}
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
        @Default("true") boolean waterBased,
        @Default("0") double keep,
        @Nullable Srgb colour,
        @Default("OPAQUE") Opacity opacity,
        @Default("[]") List<PaintPart> parts,
        @Default("0") double water,
        @Default("[]") List<SupplyLot> lots) {
    private static final int MOST_PARTS = 8;
    private static final int MOST_LOTS = 20;
    public static final Span PACK = Span.of("pack", "in a pack", 0.01, 100_000, "");
    public static final Span PRICE = BlockSize.PRICE;
    public static final Span ON_SHELF = Span.of("onShelf", "on the shelf", 0, 1_000_000, "");
    public static final Span LEAD_DAYS = Span.count("leadDays", "days to get it", 0, 120);
    public static final Span SQUARE_METRES = Span.of("squareMetres", "a litre covers", 1, 30, "m²");
    public static final Span DRYING = Span.of("dryingMin", "drying of a coat", 0, 10_080, "min");
    public static final Span STAYS = Span.of("staysPercent", "stays on the brush", 0, 90, "%");
    public static final Span KEEP = Span.of("keep", "keep at least", 0, 1_000_000, "");
    public static final Span WATER = Span.of("water", "parts of water", 0, 1000, "");
    /** Drops in a millilitre of paint or varnish, a rule of thumb. */
    public static final double DROPS_PER_ML = 20;

    private static final double MM2_PER_ML_AND_M2_PER_L = 1000;

    /**
     * A number of parts, by volume, of a paint in a mixed one.
     *
     * @param parts more than 0
     */
    public record PaintPart(@RefersTo("supply") long supplyId, double parts) {
        public static final Span PARTS = Span.of("parts", "parts", 0.01, 1000, "");
    }

    public Supply {
        parts = List.copyOf(parts);
        lots = List.copyOf(lots);
        Gathering g = new Gathering();
        g.within(PACK, pack);
        g.within(PRICE, (double) price.minor());
        g.within(ON_SHELF, onShelf);
        g.within(LEAD_DAYS, (double) leadDays);
        g.within(SQUARE_METRES, squareMetres);
        g.within(DRYING, drying.min());
        g.within(STAYS, stays.percent());
        g.within(KEEP, keep);
        g.within(WATER, water);
        mixed(g, kind, parts);
        lots(g, lots);
        if (kind.coats() && unit != SupplyUnit.ML && unit != SupplyUnit.DROP) {
            g.error("unit", unit.label(), "ml or drops", "Count what goes on in coats in ml or drops.");
        }
        g.orRefuse();
    }

    private static void mixed(Gathering g, SupplyKind kind, List<PaintPart> parts) {
        if (parts.size() > MOST_PARTS) {
            g.error("parts", parts.size() + " paints", "up to " + MOST_PARTS, "Mix fewer paints.");
        }
        if (!parts.isEmpty() && !kind.coats()) {
            g.error(
                    "parts",
                    kind.label() + " of other paints",
                    "paint, primer, wash or varnish",
                    "Choose another kind.");
        }
        if (parts.stream().map(PaintPart::supplyId).distinct().count() < parts.size()) {
            g.error("parts", "a paint twice", "each paint once", "Put all its parts on one line.");
        }
    }

    private static void lots(Gathering g, List<SupplyLot> lots) {
        if (lots.size() > MOST_LOTS) {
            g.error("lots", lots.size() + " lots", "up to " + MOST_LOTS, "Remove the oldest lots.");
        }
        for (int i = 0; i < lots.size(); i++) {
            LocalDate useBy = lots.get(i).useBy();
            if (useBy != null && useBy.isBefore(lots.get(i).boughtOn())) {
                g.error(
                        "lots[" + i + "].useBy",
                        useBy.toString(),
                        "from " + lots.get(i).boughtOn() + " on, the day it was bought",
                        "Check both days.");
            }
        }
    }

    /** Of its unit in a millilitre, where it is counted in ml or drops. */
    public double perMl() {
        return unit == SupplyUnit.DROP ? DROPS_PER_ML : 1;
    }

    /**
     * What coats on a surface take of it, in its unit.
     *
     * <pre>ml = mm²·coats/(1000·m² per litre)/(1 − stays)</pre>
     */
    public double forCoats(Area surface, int coats) {
        double ml = surface.mm2() * coats / (MM2_PER_ML_AND_M2_PER_L * squareMetres) / (1 - stays.of1());
        return ml * perMl();
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
                waterBased,
                keep,
                colour,
                opacity,
                parts,
                water,
                lots);
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
