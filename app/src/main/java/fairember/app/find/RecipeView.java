package fairember.app.find;

import fairember.app.web.WorkingsView;
import fairember.core.colour.Colorant;
import fairember.core.colour.ColourDifferenceWorkings;
import fairember.core.colour.ColourMixing;
import fairember.core.colour.Effect;
import fairember.core.colour.Face;
import fairember.core.colour.MixedColour;
import fairember.core.colour.PartsOfClay;
import fairember.core.colourcalibration.LearnedClays;
import fairember.core.recipe.FoundRecipe;
import fairember.core.recipe.FoundRecipes;
import fairember.core.recipe.FoundSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * A recipe that comes near.
 *
 * @param clays what it comes down to, in clays, to keep it as a mix
 * @param difference ΔE00 from the target
 * @param differs what it is beside the target, in words
 * @param costMinor of all that is wanted
 * @param missingG to be bought for all that is wanted
 * @param tiles how many trial tiles have one of its clays in them
 * @param uncertainty how far off the prediction may be, ΔE00
 * @param mostG the most that what is on hand makes
 * @param opaqueFromMm how thick a sheet of it has to be, cured, for nothing to show through
 * @param effects what it does that an even colour cannot show
 * @param others the same clays and lumps in other ratios, the nearest first
 */
record RecipeView(
        List<PartView> parts,
        List<ClayPartView> clays,
        String rawHex,
        String curedHex,
        boolean beyondScreen,
        double difference,
        String differs,
        double costMinor,
        double missingG,
        int tiles,
        double uncertainty,
        double mostG,
        double opaqueFromMm,
        List<Effect> effects,
        Set<FoundRecipes.Merit> merits,
        WorkingsView workings,
        List<RatioView> others) {

    /** A clay or a lump in a recipe, and its grams of what is wanted. */
    record PartView(
            @Nullable Long clayId,
            @Nullable Integer lump,
            String name,
            String rawHex,
            String curedHex,
            int parts,
            double massG,
            double onHandG) {}

    /** The same clays and lumps in another ratio: parts and grams in their order, and what they come down to in clays. */
    record RatioView(
            List<Integer> parts,
            List<Double> massG,
            List<ClayPartView> clays,
            String hex,
            double difference,
            String differs,
            double missingG) {}

    /** Parts of a clay. */
    record ClayPartView(long clayId, double parts) {}

    /**
     * What it is calculated with.
     *
     * @param face that was matched
     * @param wantedG grams that have to be mixed
     */
    record Calculator(Face face, double wantedG, Pantry pantry, LearnedClays learned) {
        RecipeView view(FoundRecipes.Listed listed) {
            return view(listed.set(), listed.merits());
        }

        RecipeView view(FoundSet set) {
            return view(set, Set.of());
        }

        private RecipeView view(FoundSet set, Set<FoundRecipes.Merit> merits) {
            FoundRecipe recipe = set.nearest();
            List<PartView> parts = recipe.parts().stream()
                    .map(part -> part(part, pantry.pick(part.choice()), grams(recipe, part)))
                    .toList();
            List<ClayPartView> clays = clays(recipe);
            List<PartsOfClay> given = clays.stream()
                    .map(c -> new PartsOfClay(c.clayId(), c.parts()))
                    .toList();
            MixedColour.Seen raw = seen(recipe, pantry, Face.RAW);
            MixedColour.Seen cured = seen(recipe, pantry, Face.CURED);
            return new RecipeView(
                    parts,
                    clays,
                    raw.srgb().hex(),
                    cured.srgb().hex(),
                    (face == Face.RAW ? raw : cured).beyondScreen(),
                    recipe.deltaE(),
                    recipe.difference().words(),
                    recipe.minorPerGram() * wantedG,
                    recipe.missing().g(),
                    learned.tilesBehind(given),
                    learned.uncertainty(given, face),
                    recipe.parts().stream()
                            .mapToDouble(part -> part.choice().onHandG() * sum(recipe) / part.parts())
                            .min()
                            .orElse(0),
                    cured.colorant().opaqueFrom().mm(),
                    recipe.parts().stream()
                            .flatMap(part -> part.choice().effects().stream())
                            .distinct()
                            .sorted()
                            .toList(),
                    merits,
                    WorkingsView.of(ColourDifferenceWorkings.of(recipe.difference())),
                    set.others().stream().map(this::ratio).toList());
        }

        private RatioView ratio(FoundRecipe recipe) {
            return new RatioView(
                    recipe.parts().stream().map(FoundRecipe.Part::parts).toList(),
                    recipe.parts().stream().map(part -> grams(recipe, part)).toList(),
                    clays(recipe),
                    seen(recipe, pantry, face).srgb().hex(),
                    recipe.deltaE(),
                    recipe.difference().words(),
                    recipe.missing().g());
        }

        private double grams(FoundRecipe recipe, FoundRecipe.Part part) {
            return wantedG * part.parts() / sum(recipe);
        }

        private List<ClayPartView> clays(FoundRecipe recipe) {
            Map<Long, Double> clays = new LinkedHashMap<>();
            recipe.parts()
                    .forEach(part -> pantry.pick(part.choice())
                            .clays()
                            .forEach(c -> clays.merge(c.clayId(), part.parts() * c.parts(), Double::sum)));
            return clays.entrySet().stream()
                    .map(e -> new ClayPartView(e.getKey(), e.getValue()))
                    .toList();
        }
    }

    private static double sum(FoundRecipe recipe) {
        return recipe.parts().stream().mapToDouble(FoundRecipe.Part::parts).sum();
    }

    private static MixedColour.Seen seen(FoundRecipe recipe, Pantry pantry, Face face) {
        List<Colorant> colorants = recipe.parts().stream()
                .map(part -> pantry.pick(part.choice()).colour().of(face).colorant())
                .toList();
        return ColourMixing.seen(
                colorants,
                recipe.parts().stream().mapToDouble(FoundRecipe.Part::parts).toArray());
    }

    private static PartView part(FoundRecipe.Part part, Pantry.Pick pick, double massG) {
        return new PartView(
                pick.lump() == null ? pick.id() : null,
                pick.lump(),
                pick.name(),
                pick.colour().raw().srgb().hex(),
                pick.colour().cured().srgb().hex(),
                part.parts(),
                massG,
                pick.onHandG());
    }
}
