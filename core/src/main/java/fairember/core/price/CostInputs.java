package fairember.core.price;

import fairember.core.batch.Job;
import fairember.core.foilcore.FoilRoll;
import fairember.core.input.Span;
import fairember.core.quantity.Energy;
import fairember.core.quantity.Length;
import fairember.core.quantity.Mass;
import fairember.core.quantity.Minutes;
import fairember.core.quantity.Money;
import fairember.core.quantity.Share;
import fairember.core.stock.BlockSize;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * All that goes into the cost of one piece.
 *
 * @param quantity of the batch, 1 to 2000
 * @param clays in one design, waste included
 * @param foil length off the roll for one design
 * @param roll it is torn from
 * @param findings cost of the findings of one piece
 * @param supplies cost of the paint, varnish and other supplies of one piece
 * @param setup minutes of hands once for the batch
 * @param each minutes of hands for one design
 * @param lost share of the pieces begun that are not finished, up to a half
 * @param loads of the oven for the batch
 * @param energy of the oven for the batch
 * @param rates of the studio
 * @param asked price the maker sets, or null to have it calculated
 */
public record CostInputs(
        int quantity,
        List<Clay> clays,
        Length foil,
        FoilRoll roll,
        Money findings,
        Money supplies,
        Minutes setup,
        Minutes each,
        Share lost,
        int loads,
        Energy energy,
        Rates rates,
        @Nullable Money asked) {
    public static final Span LOST = Span.of("lostPercent", "pieces lost", 0, 50, "%");

    public CostInputs {
        LOST.check(lost.percent());
        Job.QUANTITY.check(quantity);
        clays = List.copyOf(clays);
    }

    /**
     * Clay of one colour.
     *
     * @param block the size of block its price is taken from
     */
    public record Clay(String name, Mass mass, BlockSize block) {
        /** Its cost in minor units, not yet rounded. */
        double minor() {
            return mass.g() * block.price().minor() / block.mass().g();
        }
    }

    /** Minutes of hands for the whole batch. */
    public Minutes hands() {
        return setup.plus(each.times(quantity));
    }
}
