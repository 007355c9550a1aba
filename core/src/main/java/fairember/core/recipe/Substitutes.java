package fairember.core.recipe;

import fairember.core.colour.ColourDifference;
import java.util.Optional;

/**
 * What can be done when the shelf has not enough for a mix.
 *
 * @param recipe the nearest other recipe that the shelf can make, when there is one
 * @param fillUp the recipe kept, its missing grams made up from the shelf, when that can be
 * @param buyMinor what the missing blocks cost
 * @param canBuy whether they are sold
 * @param better what to do
 */
public record Substitutes(
        Optional<FoundRecipe> recipe, Optional<FillUp> fillUp, long buyMinor, boolean canBuy, Way better) {
    /** Three settings out, and none. */
    public enum Way {
        RECIPE,
        FILL_UP,
        BUY,
        NONE
    }

    /**
     * Which is better: a way whose colour nobody says from the mix's, the nearer of the two; else buying, for then the colour stays;
     * else the nearer of what there is.
     */
    public static Substitutes of(Optional<FoundRecipe> recipe, Optional<FillUp> fillUp, long buyMinor, boolean canBuy) {
        double byRecipe = recipe.map(FoundRecipe::deltaE).orElse(Double.POSITIVE_INFINITY);
        double byFillUp = fillUp.map(p -> p.difference().total()).orElse(Double.POSITIVE_INFINITY);
        double least = Math.min(byRecipe, byFillUp);
        Way nearer = least == Double.POSITIVE_INFINITY ? Way.NONE : byFillUp <= byRecipe ? Way.FILL_UP : Way.RECIPE;
        return new Substitutes(
                recipe, fillUp, buyMinor, canBuy, least < ColourDifference.SEEN || !canBuy ? nearer : Way.BUY);
    }
}
