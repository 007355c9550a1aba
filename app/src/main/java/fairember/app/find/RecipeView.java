package fairember.app.find;

import fairember.core.colour.Colorant;
import fairember.core.colour.ColourMixing;
import fairember.core.colour.Face;
import fairember.core.colour.MixedColour;
import fairember.core.recipe.FoundRecipe;
import fairember.core.recipe.FoundRecipes;
import fairember.core.tile.LearnedClays;
import fairember.core.tile.TrialTile;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * A recipe that comes near.
 *
 * @param clays what it comes down to, in clays, to keep it as a mix
 * @param off ΔE00 from the target
 * @param differs what it is beside the target, in words
 * @param costMinor of all that is wanted
 * @param missingG to be bought for all that is wanted
 * @param tiles how many trial tiles have one of its clays in them
 * @param unsure how far off the prediction may be, ΔE00
 * @param mostG the most that what is on hand makes
 */
record RecipeView(
        List<PartView> parts,
        List<ClayPartView> clays,
        String rawHex,
        String curedHex,
        boolean beyondScreen,
        double off,
        String differs,
        double costMinor,
        double missingG,
        int tiles,
        double unsure,
        double mostG,
        Set<FoundRecipes.Merit> merits) {

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

    /** Parts of a clay. */
    record ClayPartView(long clayId, double parts) {}

    static RecipeView of(
            FoundRecipe recipe,
            Set<FoundRecipes.Merit> merits,
            Face face,
            double wantedG,
            Pantry pantry,
            LearnedClays learned) {
        double sum =
                recipe.parts().stream().mapToDouble(FoundRecipe.Part::parts).sum();
        List<PartView> parts = recipe.parts().stream()
                .map(part -> part(part, pantry.pick(part.choice()), wantedG * part.parts() / sum))
                .toList();
        Map<Long, Double> clays = new LinkedHashMap<>();
        recipe.parts()
                .forEach(part -> pantry.pick(part.choice())
                        .clays()
                        .forEach(c -> clays.merge(c.clayId(), part.parts() * c.parts(), Double::sum)));
        List<TrialTile.ClayParts> told = clays.entrySet().stream()
                .map(e -> new TrialTile.ClayParts(e.getKey(), e.getValue()))
                .toList();
        MixedColour.Seen raw = seen(recipe, pantry, Face.RAW);
        MixedColour.Seen cured = seen(recipe, pantry, Face.CURED);
        return new RecipeView(
                parts,
                told.stream().map(c -> new ClayPartView(c.clayId(), c.parts())).toList(),
                raw.srgb().hex(),
                cured.srgb().hex(),
                (face == Face.RAW ? raw : cured).beyondScreen(),
                recipe.off(),
                recipe.difference().words(),
                recipe.minorPerGram() * wantedG,
                recipe.missing().g(),
                learned.tilesBehind(told),
                learned.unsure(told, face),
                recipe.parts().stream()
                        .mapToDouble(part -> part.choice().onHandG() * sum / part.parts())
                        .min()
                        .orElse(0),
                merits);
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
