package fairember.core.worth;

import fairember.core.foilcore.FoilRoll;
import fairember.core.measure.Energy;
import fairember.core.measure.Length;
import fairember.core.measure.Mass;
import fairember.core.measure.Minutes;
import fairember.core.measure.Money;
import fairember.core.run.Job;
import fairember.core.stock.BlockSize;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * All that goes into the cost of one piece.
 *
 * @param quantity of the batch, 1 to 2000
 * @param clays in one piece, waste included
 * @param foil length off the roll for one piece
 * @param roll it is torn from
 * @param findings cost of the bought parts of one piece
 * @param setup minutes of hands once for the batch
 * @param each minutes of hands for one piece
 * @param loads of the oven for the batch
 * @param energy of the oven for the batch
 * @param rates of the studio
 * @param asked price the maker sets, or null to have it reckoned
 */
public record CostInputs(
        int quantity,
        List<Clay> clays,
        Length foil,
        FoilRoll roll,
        Money findings,
        Minutes setup,
        Minutes each,
        int loads,
        Energy energy,
        Rates rates,
        @Nullable Money asked) {
    public CostInputs {
        Job.QUANTITY.check(quantity);
        clays = List.copyOf(clays);
    }

    /**
     * Clay of one colour.
     *
     * @param bought the size of block its price is taken from
     */
    public record Clay(String name, Mass mass, BlockSize bought) {
        /** Its cost in minor units, not yet rounded. */
        double minor() {
            return mass.g() * bought.price().minor() / bought.mass().g();
        }
    }

    /** Minutes of hands for the whole batch. */
    public Minutes hands() {
        return setup.plus(each.times(quantity));
    }
}
