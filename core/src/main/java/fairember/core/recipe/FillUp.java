package fairember.core.recipe;

import fairember.core.colour.ColourDifference;
import java.util.List;

/**
 * A recipe kept as far as the shelf goes, the rest made up with neighbours of what is short.
 *
 * @param grams of everything that goes in, in the order of the recipe, then what makes up the rest
 * @param difference from the recipe's colour to this
 * @param minor what it costs, in the smallest coin
 */
public record FillUp(List<Grams> grams, ColourDifference difference, double minor) {
    public FillUp {
        grams = List.copyOf(grams);
    }

    /**
     * A number of grams of a choice.
     *
     * @param g 0 or more
     */
    public record Grams(Choice choice, double g) {}
}
