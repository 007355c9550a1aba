package fairember.app.mix;

import fairember.core.colour.ColourMixing;
import fairember.core.colour.MixPart;
import fairember.core.colour.MixedColour;
import fairember.core.recipe.FoundRecipe;
import fairember.core.recipe.FoundRecipes;
import fairember.core.stock.StockClay;
import fairember.core.tile.LearnedClays;
import fairember.core.tile.TrialTile;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;

/**
 * How far a search is, and what it found.
 *
 * @param share of all recipes that was looked at, 0 to 1
 * @param done whether it has ended
 * @param complete whether it ended with every recipe looked at
 * @param tried recipes whose colour was worked out
 * @param recipes a short list, the nearest first
 */
record FoundView(double share, boolean done, boolean complete, long tried, List<RecipeView> recipes) {
    private static final int LISTED = 10;

    /** A clay in a recipe, and its grams of what is wanted. */
    record PartView(
            long clayId, String name, String rawHex, String curedHex, int parts, double massG, double onHandG) {}

    /**
     * A recipe.
     *
     * @param off ΔE00 from the target
     * @param differs what it is beside the target, in words
     * @param costMinor of all that is wanted
     * @param missingG to be bought for all that is wanted
     * @param unsure how far off the prediction may be, ΔE00
     */
    record RecipeView(
            List<PartView> parts,
            String rawHex,
            String curedHex,
            boolean beyondScreen,
            double off,
            String differs,
            double costMinor,
            double missingG,
            double unsure,
            Set<FoundRecipes.Merit> merits) {}

    /** A search that has no answer yet. */
    static FoundView underWay(double share) {
        return new FoundView(share, false, false, 0, List.of());
    }

    /** The answer of a search, as far as its clays are still on the shelf. */
    static FoundView of(Finds.Find find, FoundRecipes found, Map<Long, StockClay> clays, LearnedClays learned) {
        return new FoundView(
                find.share(),
                true,
                found.complete(),
                found.tried(),
                found.shortList(LISTED).stream()
                        .filter(listed -> listed.recipe().parts().stream()
                                .allMatch(
                                        part -> clays.containsKey(part.choice().id())))
                        .map(listed -> recipe(listed, find.form, clays, learned))
                        .toList());
    }

    private static RecipeView recipe(
            FoundRecipes.Listed listed, FindForm form, Map<Long, StockClay> clays, LearnedClays learned) {
        FoundRecipe recipe = listed.recipe();
        double sum =
                recipe.parts().stream().mapToDouble(FoundRecipe.Part::parts).sum();
        List<PartView> parts = recipe.parts().stream()
                .map(part -> part(part, clay(clays, part), form.wantedG() * part.parts() / sum))
                .toList();
        MixedColour colour = ColourMixing.mix(recipe.parts().stream()
                .map(part -> new MixPart(part.choice().name(), clay(clays, part).pigment(), part.parts()))
                .toList());
        List<TrialTile.ClayParts> told = recipe.parts().stream()
                .map(part -> new TrialTile.ClayParts(part.choice().id(), part.parts()))
                .toList();
        return new RecipeView(
                parts,
                colour.raw().srgb().hex(),
                colour.cured().srgb().hex(),
                colour.of(form.face()).beyondScreen(),
                recipe.off(),
                recipe.difference().words(),
                recipe.minorPerGram() * form.wantedG(),
                recipe.missing().g(),
                learned.unsure(told, form.face()),
                listed.merits());
    }

    private static StockClay clay(Map<Long, StockClay> clays, FoundRecipe.Part part) {
        return Objects.requireNonNull(clays.get(part.choice().id()));
    }

    private static PartView part(FoundRecipe.Part part, StockClay clay, double massG) {
        return new PartView(
                clay.id(),
                clay.name(),
                clay.pigment().raw().hex(),
                clay.pigment().cured().hex(),
                part.parts(),
                massG,
                clay.onShelf().g());
    }
}
