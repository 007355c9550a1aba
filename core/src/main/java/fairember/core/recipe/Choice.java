package fairember.core.recipe;

import fairember.core.colour.Colorant;
import fairember.core.colour.Effect;
import java.util.Set;

/**
 * A clay, a mix or a leftover that may go into a recipe.
 *
 * @param id its number among the choices
 * @param name as the maker knows it
 * @param colorant what it does to light, on the face that is matched
 * @param onHandG grams there are of it, 0 or more
 * @param minorPerGram what a gram costs in the smallest coin, 0 or more
 * @param effects what it does that no even colour can show, without {@link Effect#PLAIN}
 */
public record Choice(
        long id, String name, Colorant colorant, double onHandG, double minorPerGram, Set<Effect> effects) {
    public Choice {
        effects = Set.copyOf(effects);
    }
}
