package fairember.core.mix;

import fairember.core.bake.SharedWindow;
import fairember.core.colour.MixedColour;
import fairember.core.measure.Density;
import fairember.core.measure.Mass;
import fairember.core.measure.Money;
import fairember.core.stock.StockClay;
import java.util.List;

/**
 * A mix for a wanted mass.
 *
 * @param mix the recipe
 * @param wanted grams of the mix
 * @param portions grams of each clay, in the order of the recipe; they sum to {@code wanted}
 * @param colour predicted, raw and cured
 * @param density of the mix
 * @param window of its clays together
 */
public record MeasuredMix(
        Mix mix, Mass wanted, List<ClayPortion> portions, MixedColour colour, Density density, SharedWindow window) {
    public MeasuredMix {
        portions = List.copyOf(portions);
    }

    /** What so much of it costs, each clay at the best price of a block. */
    public Money costOf(Mass mass) {
        double sum = portions.stream().mapToDouble(ClayPortion::parts).sum();
        double minorPerGram = portions.stream()
                .mapToDouble(p -> p.parts() / sum * p.clay().bestValue().minorPerGram())
                .sum();
        return new Money(1).times(minorPerGram * mass.g());
    }

    /** Grams of one clay. */
    public record ClayPortion(StockClay clay, double parts, Mass mass) {}
}
