package fairember.core.run;

import fairember.core.measure.Length;
import fairember.core.measure.Mass;
import fairember.core.measure.Money;
import fairember.core.mix.Inclusion;
import fairember.core.mix.MeasuredMix;
import fairember.core.piece.MeasuredInsert;
import fairember.core.piece.MeasuredPart;
import fairember.core.piece.MeasuredPiece;
import fairember.core.stock.BlockCover;
import fairember.core.stock.BoughtPart;
import fairember.core.stock.StockClay;
import java.util.List;

/**
 * All that a run takes off the shelf.
 *
 * @param portions every part of every piece
 * @param mixes each mix once, in the order it is first used, those that go into others before them
 * @param clays each stock clay once, in the order it is first used
 * @param strewn what is strewn into mixes, each once
 * @param cores parts with a foil core
 * @param sleeves foil sleeves to wrap round inserts
 * @param torn foil to tear off the roll in all
 * @param bought parts for fitting, each once
 */
public record RunNeeds(
        List<PortionRow> portions,
        List<MixNeed> mixes,
        List<ClayNeed> clays,
        List<StrewnNeed> strewn,
        List<CoreRow> cores,
        List<SleeveRow> sleeves,
        Length torn,
        List<BoughtNeed> bought) {
    public RunNeeds {
        portions = List.copyOf(portions);
        mixes = List.copyOf(mixes);
        clays = List.copyOf(clays);
        strewn = List.copyOf(strewn);
        cores = List.copyOf(cores);
        sleeves = List.copyOf(sleeves);
        bought = List.copyOf(bought);
    }

    /**
     * A part to portion.
     *
     * @param count balls to roll in all
     */
    public record PortionRow(MeasuredPiece piece, MeasuredPart part, int count) {}

    /**
     * A mix to make.
     *
     * @param net grams that end up in pieces
     * @param intoOthers grams that go into other mixes of the run
     * @param scaled the recipe for the grams to mix, waste included
     */
    public record MixNeed(Mass net, Mass intoOthers, MeasuredMix scaled) {}

    /**
     * A stock clay to take.
     *
     * @param needed grams, waste included
     * @param cover blocks to open and buy
     */
    public record ClayNeed(StockClay clay, Mass needed, BlockCover cover) {}

    /** Something to strew into mixes. */
    public record StrewnNeed(Inclusion inclusion, Mass needed) {}

    /**
     * Cores to press.
     *
     * @param count of them
     * @param torn length off the roll for one
     */
    public record CoreRow(MeasuredPiece piece, MeasuredPart part, int count, Length torn) {}

    /**
     * Sleeves to wrap.
     *
     * @param count of them
     */
    public record SleeveRow(MeasuredPiece piece, MeasuredInsert insert, int count) {}

    /**
     * Bought parts to have.
     *
     * @param needed in all
     * @param toBuy beyond what is on the shelf
     * @param cost of those to buy
     */
    public record BoughtNeed(BoughtPart part, int needed, int toBuy, Money cost) {}
}
