package fairember.core.mix;

import fairember.core.bake.SharedWindow;
import fairember.core.colour.Effect;
import fairember.core.colour.MixedColour;
import fairember.core.quantity.Density;
import fairember.core.quantity.Mass;
import fairember.core.quantity.Money;
import fairember.core.stock.StockClay;
import java.util.List;
import java.util.stream.Stream;

/**
 * A mix for a wanted mass.
 *
 * @param mix the recipe
 * @param wanted grams of the mix, with what is added
 * @param portions grams of each clay it comes down to, in the order they are met
 * @param lines grams of each clay and each mix, as the recipe has them
 * @param inclusions grams of what is added to this mix itself, in the order of the recipe; with the lines they sum to
 *     {@code wanted}
 * @param colour of the clay, predicted, raw and cured
 * @param density of the clay
 * @param window of its clays together
 */
public record MeasuredMix(
        Mix mix,
        Mass wanted,
        List<ClayPortion> portions,
        List<Line> lines,
        List<Mass> inclusions,
        MixedColour colour,
        Density density,
        SharedWindow window) {
    public MeasuredMix {
        portions = List.copyOf(portions);
        lines = List.copyOf(lines);
        inclusions = List.copyOf(inclusions);
    }

    /** What so much of it costs, each clay at the best price of a block, and all that is added. */
    public Money costOf(Mass mass) {
        double minor = portions.stream()
                .mapToDouble(p -> p.parts() * p.clay().bestValue().minorPerGram())
                .sum();
        double inclusions = mix.allInclusions().stream()
                .mapToDouble(s -> s.parts() * s.inclusion().minorPerGram())
                .sum();
        return new Money(1).times((minor + inclusions) / (mix.allParts() * (1 + mix.inclusionShare())) * mass.g());
    }

    /** What its clays and all that is added do that an even colour cannot show, each once. */
    public List<Effect> effects() {
        Stream<Effect> inclusions =
                mix.allInclusions().stream().map(s -> s.inclusion().effect());
        return Stream.concat(colour.effects().stream(), inclusions)
                .filter(effect -> effect != Effect.PLAIN)
                .distinct()
                .sorted()
                .toList();
    }

    /** Grams of one clay. */
    public record ClayPortion(StockClay clay, double parts, Mass mass) {}

    /** Grams of a clay or a mix of the recipe. */
    public record Line(Mix.Ingredient ingredient, Mass mass) {}
}
