package fairember.core.worth;

import fairember.core.measure.Energy;
import fairember.core.measure.Length;
import fairember.core.measure.Mass;
import fairember.core.measure.Minutes;
import fairember.core.measure.Money;
import fairember.core.piece.MeasuredPiece;
import java.util.List;

/**
 * What one piece costs when it is made in a batch; money is per piece.
 *
 * @param piece made
 * @param quantity of the batch
 * @param rates it was reckoned by
 * @param clays grams of each stock clay, waste included, and their cost
 * @param foil length off the roll
 * @param minutes of hands for the whole batch
 * @param energy of the oven for the whole batch
 * @param loads of the oven for the whole batch
 * @param rungs clay, foil, findings, oven, hands, in this order
 * @param cost sum of the rungs
 * @param price asked, or reckoned from the margin
 * @param asked whether the maker set the price
 * @param kept price less cost
 */
public record PieceCost(
        MeasuredPiece piece,
        int quantity,
        Rates rates,
        List<ClayCost> clays,
        Length foil,
        Minutes minutes,
        Energy energy,
        int loads,
        List<Rung> rungs,
        Money cost,
        Money price,
        boolean asked,
        Money kept) {
    public PieceCost {
        clays = List.copyOf(clays);
        rungs = List.copyOf(rungs);
    }

    /** Clay of one colour in one piece. */
    public record ClayCost(String name, Mass mass, Money cost) {}

    /**
     * A rung of the ladder.
     *
     * @param name "clay", "foil", "findings", "oven" or "hands"
     * @param cost for one piece
     */
    public record Rung(String name, Money cost) {}

    /** Share of the price that is kept, in per cent; 0 when the price is nothing. */
    public double marginPercent() {
        return price.minor() == 0 ? 0 : 100.0 * kept.minor() / price.minor();
    }
}
