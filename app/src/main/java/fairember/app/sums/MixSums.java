package fairember.app.sums;

import static fairember.app.web.Given.all;
import static fairember.app.web.Given.given;

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
import fairember.core.input.Gathering;
import fairember.core.input.Words;
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
import java.util.function.Supplier;
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
    record MixSumForm(double wantedG, List<MixSumPartForm> parts) {}

    /** A clay by its two swatches. */
    record MixSumPartForm(
            String name, String rawHex, String curedHex, Opacity opacity, Strength strength, double parts) {
        private MixPart parse() {
            Pigment pigment = new Pigment(
                    Srgb.parse("rawHex", given("rawHex", rawHex)),
                    Srgb.parse("curedHex", given("curedHex", curedHex)),
                    given("opacity", opacity),
                    given("strength", strength));
            return new MixPart(Words.name("name", given("name", name)), pigment, parts);
        }
    }

    /** Grams of each part, and the colour they make. */
    record MixSumView(
            List<Double> gramsG, String rawHex, String curedHex, boolean beyondScreen, WorkingsView workings) {}

    @PostMapping("/api/sums/mix")
    MixSumView mix(@RequestBody MixSumForm form) {
        Gathering g = new Gathering();
        g.at("", () -> MixMeasuring.WANTED.check(form.wantedG()));
        var parts = g.at("", () -> parsed(form.parts()));
        g.orRefuse();
        MixedColour mixed = ColourMixing.mix(parts.orElseThrow());
        return new MixSumView(
                mixed.shares().stream().map(share -> share * form.wantedG()).toList(),
                mixed.raw().srgb().hex(),
                mixed.cured().srgb().hex(),
                mixed.raw().beyondScreen() || mixed.cured().beyondScreen(),
                WorkingsView.of(MixedColourWorkings.of(mixed)));
    }

    /** A sheet of a mix over something. */
    record LayerSumForm(List<MixSumPartForm> parts, Face face, String backingHex, double thickMm) {}

    /** How the sheet looks, how well it hides (0 to 1), and from which thickness on nothing shows through. */
    record LayerSumView(String hex, double cover, double opaqueFromMm) {}

    @PostMapping("/api/sums/layer")
    LayerSumView layer(@RequestBody LayerSumForm form) {
        Gathering g = new Gathering();
        var parts = g.at("", () -> parsed(form.parts()));
        var face = g.at("", () -> given("face", form.face()));
        var backing = g.at("", () -> Srgb.parse("backingHex", given("backingHex", form.backingHex())));
        g.at("", () -> Colorant.SHEET.check(form.thickMm()));
        g.orRefuse();
        Colorant colorant =
                ColourMixing.mix(parts.orElseThrow()).of(face.orElseThrow()).colorant();
        Length thick = new Length(form.thickMm());
        return new LayerSumView(
                colorant.over(backing.orElseThrow(), thick).hex(),
                colorant.cover(thick),
                colorant.opaqueFrom().mm());
    }

    /** A colour to come near to with some clays. */
    record MatchSumForm(String targetHex, Face face, List<MixSumPartForm> clays, int mostKinds, int mostParts) {}

    /** The nearest recipes: parts of the clays in the order they were given, 0 where a clay is not in it. */
    record MatchSumView(List<MatchView> nearest, boolean complete) {}

    /** A recipe, and how far off it is. */
    record MatchView(List<Integer> parts, double difference, String differs) {}

    @PostMapping("/api/sums/match")
    MatchSumView match(@RequestBody MatchSumForm form) {
        Gathering g = new Gathering();
        var target = g.at("", () -> Srgb.parse("targetHex", given("targetHex", form.targetHex())));
        var face = g.at("", () -> given("face", form.face()));
        var clays = g.at("", () -> parsed("clays", form.clays()));
        g.at("", () -> RecipeSearch.KINDS.check(form.mostKinds()));
        g.at("", () -> RecipeSearch.PARTS.check(form.mostParts()));
        clays.filter(given -> given.size() > MOST_MATCHED)
                .ifPresent(given -> g.error(
                        "clays",
                        given.size() + " clays",
                        "up to " + MOST_MATCHED + " at once",
                        "Start a search at /api/finds, which shows its progress and can be stopped."));
        g.orRefuse();
        List<MixPart> given = clays.orElseThrow();
        List<Choice> choices = IntStream.range(0, given.size())
                .mapToObj(i -> new Choice(
                        i, given.get(i).name(), given.get(i).pigment().colorant(face.orElseThrow()), 0, 0, Set.of()))
                .toList();
        FoundRecipes found = RecipeFinding.find(new RecipeSearch(
                Lab.of(target.orElseThrow()), choices, form.mostKinds(), form.mostParts(), new Mass(1), false));
        return new MatchSumView(
                found.nearest().stream()
                        .flatMap(List::stream)
                        .flatMap(set -> set.ratios().stream())
                        .sorted(FoundRecipe.NEAREST)
                        .limit(RecipeFinding.KEPT)
                        .map(recipe -> view(recipe, given.size()))
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

    private static List<MixPart> parsed(List<MixSumPartForm> parts) {
        return parsed("parts", parts);
    }

    private static List<MixPart> parsed(String field, List<MixSumPartForm> parts) {
        Gathering g = new Gathering();
        List<MixSumPartForm> given = g.at("", () -> all(field, parts)).orElse(List.of());
        List<Supplier<MixPart>> suppliers =
                given.stream().<Supplier<MixPart>>map(p -> p::parse).toList();
        List<MixPart> parsed = g.all(field, suppliers);
        g.orRefuse();
        return parsed;
    }
}
