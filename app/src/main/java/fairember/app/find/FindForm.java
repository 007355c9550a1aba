package fairember.app.find;

import static fairember.app.web.Given.given;
import static fairember.app.web.Given.or;

import fairember.core.colour.Colorant;
import fairember.core.colour.Effect;
import fairember.core.colour.Face;
import fairember.core.colour.Lab;
import fairember.core.colour.Srgb;
import fairember.core.input.Gathering;
import fairember.core.input.InvalidInputException;
import fairember.core.mix.MixMeasuring;
import fairember.core.mix.MixWaste;
import fairember.core.quantity.Length;
import fairember.core.quantity.Mass;
import fairember.core.recipe.Choice;
import fairember.core.recipe.Look;
import fairember.core.recipe.RecipeSearch;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * A colour that is looked for among the clays of the shelf and the leftovers.
 *
 * @param targetHex the colour
 * @param face whether the recipe is to have it raw or cured
 * @param clayIds which clays may go in; all of the shelf that are no liquids when not said
 * @param mostKinds clays and lumps in one mix at most
 * @param mostParts parts in all at most
 * @param wantedG grams of the mix that are to end up in designs; what stays on hands and in the machine comes on top
 * @param onHandOnly whether there has to be enough of each
 * @param like how it is to hide and shimmer; anyhow when not said
 * @param from what it is made of; clays when not said
 */
public record FindForm(
        String targetHex,
        Face face,
        @Nullable List<Long> clayIds,
        int mostKinds,
        int mostParts,
        double wantedG,
        boolean onHandOnly,
        @Nullable LookForm like,
        @Nullable From from) {
    /** What a recipe is made of. */
    public enum From {
        CLAYS,
        LEFTOVERS,
        BOTH
    }

    /** How thick a sheet has to be for nothing to show through, and what it does that no even colour can show. */
    public record LookForm(double opaqueFromMm, @Nullable List<Effect> effects) {
        Look parse() {
            return new Look(
                    new Length(Colorant.SHEET.check(opaqueFromMm)),
                    (effects == null ? List.<Effect>of() : effects)
                            .stream().filter(effect -> effect != Effect.PLAIN).collect(Collectors.toSet()));
        }
    }

    /** The search as the core takes it; refused with everything that is wrong. */
    RecipeSearch parse(Pantry pantry, MixWaste waste) {
        Gathering g = new Gathering();
        var target = g.at("", () -> Srgb.parse("targetHex", given("targetHex", targetHex)));
        var side = g.at("", () -> given("face", face));
        g.at("", () -> MixMeasuring.WANTED.check(wantedG));
        g.at("", () -> RecipeSearch.KINDS.check(mostKinds));
        g.at("", () -> RecipeSearch.PARTS.check(mostParts));
        Optional<Look> look = like == null ? Optional.empty() : g.at("like.", like::parse);
        var chosen = g.at("", () -> chosen(pantry).toList());
        g.orRefuse();
        List<Choice> choices = chosen.orElseThrow().stream()
                .map(pick -> pick.choice(side.orElseThrow()))
                .toList();
        List<Choice> allowed = look.map(l -> l.allowed(choices)).orElse(choices);
        if (allowed.isEmpty() && !choices.isEmpty()) {
            throw new InvalidInputException(
                    "like",
                    "only clays that shimmer or glitter in another way",
                    "clays with no other effect than the one you want",
                    "Choose more clays, or allow other looks.");
        }
        return new RecipeSearch(
                Lab.of(target.orElseThrow()),
                look.orElse(null),
                allowed,
                mostKinds,
                mostParts,
                waste.toMix(new Mass(wantedG)),
                onHandOnly);
    }

    private Stream<Pantry.Pick> chosen(Pantry pantry) {
        From source = or(from, From.CLAYS);
        Stream<Pantry.Pick> clays = source == From.LEFTOVERS ? Stream.of() : clays(pantry);
        return source == From.CLAYS ? clays : Stream.concat(clays, pantry.lumps());
    }

    private Stream<Pantry.Pick> clays(Pantry pantry) {
        if (clayIds == null) {
            return pantry.clays().filter(clay -> !clay.liquid());
        }
        return clayIds.stream().distinct().map(id -> clay(pantry, id));
    }

    private static Pantry.Pick clay(Pantry pantry, @Nullable Long id) {
        Pantry.Pick clay = id == null || id < 0 ? null : pantry.picks().get(id);
        if (clay == null) {
            throw new InvalidInputException(
                    "clayIds", "clay " + id, "clays on the shelf", "Choose clays that are on the shelf.");
        }
        return clay;
    }
}
