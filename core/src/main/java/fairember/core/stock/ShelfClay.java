package fairember.core.stock;

import fairember.core.colour.Effect;
import fairember.core.colour.Habit;
import fairember.core.colour.Opacity;
import fairember.core.colour.Pigment;
import fairember.core.colour.Srgb;
import fairember.core.colour.Strength;
import fairember.core.document.Default;
import fairember.core.document.Name;
import fairember.core.document.RefersTo;
import fairember.core.document.SavedUnder;
import fairember.core.input.Gathering;
import fairember.core.input.Span;
import fairember.core.quantity.Mass;
import fairember.core.quantity.Minutes;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A clay as it is written down: its lots, and its range by number.
 *
 * @param raw its usual colour before baking
 * @param cured its usual colour after baking
 * @param open grams in opened blocks
 * @param sold whether more of it can be bought
 * @param swatchMeasured whether its colours were measured with an instrument
 * @param drop what a drop of it weighs, when it is a liquid
 * @param lots that look different, up to {@value #MOST_LOTS}
 * @param condition how it takes being conditioned, when no lot is in use
 * @param conditioning minutes that 100 g take beyond usual conditioning, as the maker knows it; null for the usual of its condition
 * @param leadDays days from the order until a block is there
 * @param keep grams that are to stay on the shelf at least
 * @param lotInUse place of the lot in use among them, counted from 0; null when the clay looks as usual
 */
public record ShelfClay(
        @SavedUnder long id,
        @Name String name,
        @RefersTo("range") long rangeId,
        Srgb raw,
        Srgb cured,
        Opacity opacity,
        Strength strength,
        @Default("PLAIN") Effect effect,
        Mass open,
        List<BlockSize> blocks,
        @Default("true") boolean sold,
        @Default("false") boolean swatchMeasured,
        @Nullable Mass drop,
        @Default("[]") List<ClayLot> lots,
        @Nullable Integer lotInUse,
        @Default("USUAL") ClayCondition condition,
        @Nullable Minutes conditioning,
        @Default("0") int leadDays,
        @Default("0") Mass keep) {
    public static final Span OPEN = StockClay.OPEN;
    public static final Span DROP = StockClay.DROP;
    public static final Span CONDITIONING = Span.of("conditioningMin", "more minutes for 100 g", 0, 120, "min");
    public static final Span LEAD_DAYS = Supply.LEAD_DAYS;
    public static final Span KEEP = Span.of("keepG", "keep at least", 0, 20_000, "g");
    private static final int MOST_LOTS = 20;

    public ShelfClay {
        blocks = List.copyOf(blocks);
        lots = List.copyOf(lots);
        Gathering g = new Gathering();
        StockClay.sizes(g, blocks, sold);
        if (conditioning != null) {
            g.within(CONDITIONING, conditioning.min());
        }
        g.within(LEAD_DAYS, (double) leadDays);
        g.within(KEEP, keep.g());
        if (lots.size() > MOST_LOTS) {
            g.error("lots", lots.size() + " lots", "up to " + MOST_LOTS, "Remove the oldest lots.");
        }
        if (lotInUse != null && (lotInUse < 0 || lotInUse >= lots.size())) {
            g.error(
                    "lotInUse",
                    "lot " + (lotInUse + 1),
                    lots.isEmpty() ? "none, because this clay has no lots" : "1 to " + lots.size(),
                    "Choose a lot of this clay.");
        }
        g.orRefuse();
    }

    /** A clay nobody sells, of one opaque colour, before and after the oven. */
    public static ShelfClay unsold(String name, long rangeId, Srgb colour, Mass open) {
        return new ShelfClay(
                0,
                name,
                rangeId,
                colour,
                colour,
                Opacity.OPAQUE,
                Strength.NORMAL,
                Effect.PLAIN,
                open,
                List.of(),
                false,
                false,
                null,
                List.of(),
                null,
                ClayCondition.USUAL,
                null,
                0,
                Mass.ZERO);
    }

    /**
     * What is left of it when so many grams were used.
     *
     * @param clay this one, as it is used
     */
    public ShelfClay without(StockClay clay, Mass used) {
        StockClay left = clay.without(used);
        return new ShelfClay(
                id,
                name,
                rangeId,
                raw,
                cured,
                opacity,
                strength,
                effect,
                left.open(),
                left.blocks(),
                sold,
                swatchMeasured,
                drop,
                lots,
                lotInUse,
                condition,
                conditioning,
                leadDays,
                keep);
    }

    /** How the clay that is used now takes being conditioned. */
    public ClayCondition conditionNow() {
        return lotInUse == null ? condition : lots.get(lotInUse).condition();
    }

    /** The clay as it is used: of its range, in the colours of the lot in use. */
    public StockClay of(ClayRange range) {
        Pigment usual = new Pigment(raw, cured, opacity, strength, effect, Habit.NONE);
        ClayLot used = lotInUse == null ? null : lots.get(lotInUse);
        return new StockClay(
                id,
                name,
                range,
                used == null ? usual : usual.ofLot(used.raw(), used.cured()),
                open,
                blocks,
                sold,
                used == null ? null : new Lot(used.name(), usual),
                drop,
                new Conditioning(
                        conditionNow(), conditioning == null ? conditionNow().each100() : conditioning));
    }
}
