package fairember.app.find;

import fairember.core.colourcalibration.LearnedClays;
import fairember.core.recipe.FoundRecipes;
import java.util.List;
import java.util.Set;

/**
 * How far a search is, and what it found.
 *
 * @param share of all recipes that was looked at, 0 to 1
 * @param waiting whether it waits for its turn, because two other searches run
 * @param done whether it has ended
 * @param complete whether it ended with every recipe looked at
 * @param tried recipes whose colour was worked out
 * @param toMixG grams of each recipe that have to be mixed for what is wanted
 * @param recipes a short list, the nearest first
 */
record FoundView(
        double share,
        boolean waiting,
        boolean done,
        boolean complete,
        long tried,
        double toMixG,
        List<RecipeView> recipes) {
    private static final int LISTED = 10;

    /** A search that has no answer yet. */
    static FoundView underWay(Finds.Find find) {
        return new FoundView(
                find.share(),
                find.waiting(),
                false,
                false,
                0,
                find.search.wanted().g(),
                List.of());
    }

    /** The answer of a search, as far as what it speaks of is still there. */
    static FoundView of(Finds.Find find, FoundRecipes found, Set<Long> shelf, LearnedClays learned) {
        RecipeView.Calculator calculator =
                new RecipeView.Calculator(find.form.face(), find.search.wanted().g(), find.pantry, learned);
        return new FoundView(
                find.share(),
                false,
                true,
                found.complete(),
                found.tried(),
                find.search.wanted().g(),
                found.shortList(LISTED).stream()
                        .filter(listed -> listed.recipe().parts().stream()
                                .flatMap(part -> find.pantry.pick(part.choice()).clays().stream())
                                .allMatch(clay -> shelf.contains(clay.clayId())))
                        .map(calculator::view)
                        .toList());
    }
}
