package fairember.app.sums;

import fairember.app.web.WorkingsView;
import fairember.core.colour.Colorant;
import fairember.core.colour.ColourMixing;
import fairember.core.colour.Face;
import fairember.core.colour.Lab;
import fairember.core.colour.MixPart;
import fairember.core.colour.MixedColour;
import fairember.core.colour.MixedColourWorkings;
import fairember.core.colour.Opacity;
import fairember.core.colour.Pigment;
import fairember.core.colour.Srgb;
import fairember.core.colour.Strength;
import fairember.core.document.Name;
import fairember.core.input.InvalidInputException;
import fairember.core.input.Span;
import fairember.core.mix.MixMeasuring;
import fairember.core.quantity.Length;
import fairember.core.quantity.Mass;
import fairember.core.recipe.Choice;
import fairember.core.recipe.FoundRecipe;
import fairember.core.recipe.FoundRecipes;
import fairember.core.recipe.RecipeFinding;
import fairember.core.recipe.RecipeSearch;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The colour and the grams of a mix. */
@RestController
class MixSums {
    /** Four of so many, in sixteen parts, take about a second. */
    private static final int MOST_MATCHED = 16;

    /** Parts of clays and the grams wanted of them together. */
    record MixSumForm(Mass wanted, List<MixSumPartForm> parts) {
        static final Span WANTED = MixMeasuring.WANTED;
    }

    /** A clay by its two swatches. */
    record MixSumPartForm(@Name String name, Srgb raw, Srgb cured, Opacity opacity, Strength strength, double parts) {
        static final Span PARTS = MixPart.PARTS;

        private MixPart part() {
            return new MixPart(name, new Pigment(raw, cured, opacity, strength), parts);
        }
    }

    /** Grams of each part, and the colour they make. */
    record MixSumView(
            List<Double> gramsG, String rawHex, String curedHex, boolean beyondScreen, WorkingsView workings) {}

    @PostMapping("/api/sums/mix")
    MixSumView mix(@RequestBody MixSumForm form) {
        MixedColour mixed = ColourMixing.mix(some(form.parts()));
        return new MixSumView(
                mixed.shares().stream().map(share -> share * form.wanted().g()).toList(),
                mixed.raw().srgb().hex(),
                mixed.cured().srgb().hex(),
                mixed.raw().beyondScreen() || mixed.cured().beyondScreen(),
                WorkingsView.of(MixedColourWorkings.of(mixed)));
    }

    /** A sheet of a mix over something. */
    record LayerSumForm(List<MixSumPartForm> parts, Face face, Srgb backing, Length thick) {
        static final Span THICK = Colorant.SHEET;
    }

    /** How the sheet looks, how well it hides (0 to 1), and from which thickness on nothing shows through. */
    record LayerSumView(String hex, double cover, double opaqueFromMm) {}

    @PostMapping("/api/sums/layer")
    LayerSumView layer(@RequestBody LayerSumForm form) {
        Colorant colorant = ColourMixing.mix(some(form.parts())).of(form.face()).colorant();
        return new LayerSumView(
                colorant.over(form.backing(), form.thick()).hex(),
                colorant.cover(form.thick()),
                colorant.opaqueFrom().mm());
    }

    /** A colour to come near to with some clays. */
    record MatchSumForm(Srgb target, Face face, List<MixSumPartForm> clays, int mostKinds, int mostParts) {
        static final Span MOST_KINDS = RecipeSearch.KINDS;
        static final Span MOST_PARTS = RecipeSearch.PARTS;
    }

    /** The nearest recipes: parts of the clays in the order they were given, 0 where a clay is not in it. */
    record MatchSumView(List<MatchView> nearest, boolean complete) {}

    /** A recipe, and how far off it is. */
    record MatchView(List<Integer> parts, double difference, String differs) {}

    @PostMapping("/api/sums/match")
    MatchSumView match(@RequestBody MatchSumForm form) {
        List<MixPart> clays = some(form.clays());
        if (clays.size() > MOST_MATCHED) {
            throw new InvalidInputException(
                    "clays",
                    clays.size() + " clays",
                    "up to " + MOST_MATCHED + " at once",
                    "Start a search at /api/finds, which shows its progress and can be stopped.");
        }
        List<Choice> choices = IntStream.range(0, clays.size())
                .mapToObj(i -> new Choice(
                        i, clays.get(i).name(), clays.get(i).pigment().colorant(form.face()), 0, 0, Set.of()))
                .toList();
        FoundRecipes found = RecipeFinding.find(new RecipeSearch(
                Lab.of(form.target()), choices, form.mostKinds(), form.mostParts(), new Mass(1), false));
        return new MatchSumView(
                found.nearest().stream()
                        .flatMap(List::stream)
                        .flatMap(set -> set.ratios().stream())
                        .sorted(FoundRecipe.NEAREST)
                        .limit(RecipeFinding.KEPT)
                        .map(recipe -> view(recipe, clays.size()))
                        .toList(),
                found.complete());
    }

    private static MatchView view(FoundRecipe recipe, int clays) {
        Integer[] parts = new Integer[clays];
        Arrays.fill(parts, 0);
        recipe.parts().forEach(part -> parts[(int) part.choice().id()] = part.parts());
        return new MatchView(
                List.of(parts), recipe.deltaE(), recipe.difference().words());
    }

    private static List<MixPart> some(List<MixSumPartForm> parts) {
        return parts.stream().map(MixSumPartForm::part).toList();
    }
}
