package fairember.core.batch;

import fairember.core.claysheet.WorkedClay;
import fairember.core.design.MeasuredDesign;
import fairember.core.design.MeasuredInsert;
import fairember.core.design.MeasuredPart;
import fairember.core.mix.Inclusion;
import fairember.core.mix.MeasuredMix;
import fairember.core.mix.MixWaste;
import fairember.core.quantity.Length;
import fairember.core.quantity.Mass;
import fairember.core.quantity.Money;
import fairember.core.stock.BlockCover;
import fairember.core.stock.Finding;
import fairember.core.stock.Paint;
import fairember.core.stock.StockClay;
import fairember.core.stock.Supply;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * All that a batch takes off the shelf.
 *
 * @param portions every part of every design
 * @param mixes each mix once, in the order it is first used, those that go into others before them
 * @param clays each stock clay once, in the order it is first used
 * @param inclusions what is added to mixes, each once
 * @param cores parts with a foil core
 * @param sleeves foil sleeves to wrap round inserts
 * @param torn foil to tear off the roll in all
 * @param findings parts for fitting, each once
 * @param supplies paint, varnish and what else is used up, each once
 * @param paints to mix of others, each once
 */
public record BatchNeeds(
        List<PortionRow> portions,
        List<MixNeed> mixes,
        List<ClayNeed> clays,
        List<InclusionNeed> inclusions,
        List<CoreRow> cores,
        List<SleeveRow> sleeves,
        Length torn,
        List<FindingNeed> findings,
        List<SupplyNeed> supplies,
        List<PaintNeed> paints) {
    public BatchNeeds {
        portions = List.copyOf(portions);
        mixes = List.copyOf(mixes);
        clays = List.copyOf(clays);
        inclusions = List.copyOf(inclusions);
        cores = List.copyOf(cores);
        sleeves = List.copyOf(sleeves);
        findings = List.copyOf(findings);
        supplies = List.copyOf(supplies);
        paints = List.copyOf(paints);
    }

    /**
     * A part to portion.
     *
     * @param count balls to roll in all, spares too
     * @param fromBox by kind of spare part, as the box lists them: how many are taken instead
     */
    public record PortionRow(MeasuredDesign design, MeasuredPart part, int count, Map<Integer, Integer> fromBox) {
        public PortionRow {
            fromBox = Map.copyOf(fromBox);
        }

        /** How many are taken out of the box of spare parts. */
        public int taken() {
            return fromBox.values().stream().mapToInt(Integer::intValue).sum();
        }
    }

    /**
     * A mix to make.
     *
     * @param net grams that end up in designs
     * @param intoOthers grams that go into other mixes of the batch
     * @param scaled the recipe for the grams to mix, waste included
     * @param waste what of it does not end up in designs
     */
    public record MixNeed(Mass net, Mass intoOthers, MeasuredMix scaled, MixWaste waste) {
        /** How often worked clay is made, and what of it is cut off; null of a mix that is kneaded. */
        public WorkedClay.@Nullable Made made() {
            WorkedClay worked = scaled.mix().worked();
            return worked == null ? null : worked.made(waste.toMix(net).plus(intoOthers));
        }

        /** Grams to mix, waste included. */
        public Mass toMix() {
            return scaled.wanted();
        }
    }

    /**
     * A stock clay to take.
     *
     * @param clay as it lies on the shelf
     * @param needed grams, waste included
     * @param reserved grams of the shelf that are kept for batches due earlier
     * @param cover blocks to open and buy, of what is not kept
     */
    public record ClayNeed(StockClay clay, Mass needed, Mass reserved, BlockCover cover) {
        /** What of it is not kept for other batches. */
        public StockClay free() {
            return clay.without(reserved);
        }
    }

    /** Something to add into mixes. */
    public record InclusionNeed(Inclusion inclusion, Mass needed) {}

    /**
     * Cores to press.
     *
     * @param count of them
     * @param torn length off the roll for one
     */
    public record CoreRow(MeasuredDesign design, MeasuredPart part, int count, Length torn) {}

    /**
     * Sleeves to wrap.
     *
     * @param count of them
     */
    public record SleeveRow(MeasuredDesign design, MeasuredInsert insert, int count) {}

    /**
     * Bought parts to have.
     *
     * @param needed in all
     * @param reserved of the shelf, kept for batches due earlier
     * @param toBuy beyond what is on the shelf and not kept, in whole packs
     * @param cost of those to buy
     */
    public record FindingNeed(Finding part, int needed, int reserved, int toBuy, Money cost) {}

    /**
     * A supply to have.
     *
     * @param needed in its unit
     * @param reserved of the shelf, kept for batches due earlier
     * @param packs to buy beyond what is on the shelf and not kept
     * @param cost of these packs
     */
    public record SupplyNeed(Supply supply, double needed, double reserved, int packs, Money cost) {}

    /**
     * A paint to mix.
     *
     * @param amount in its unit, besides what there is of it
     */
    public record PaintNeed(Paint paint, double amount) {}
}
