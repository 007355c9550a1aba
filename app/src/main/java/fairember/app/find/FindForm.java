package fairember.app.find;

import fairember.core.colour.Colorant;
import fairember.core.colour.Effect;
import fairember.core.colour.Face;
import fairember.core.colour.Lab;
import fairember.core.colour.Srgb;
import fairember.core.document.Default;
import fairember.core.input.InvalidInputException;
import fairember.core.input.Span;
import fairember.core.mix.MixMeasuring;
import fairember.core.mix.MixWaste;
import fairember.core.quantity.Length;
import fairember.core.quantity.Mass;
import fairember.core.recipe.Choice;
import fairember.core.recipe.Look;
import fairember.core.recipe.RecipeSearch;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * A colour that is looked for among the clays of the shelf and the leftovers.
 *
 * @param target the colour
 * @param face whether the recipe is to have it raw or cured
 * @param clayIds which clays may go in; all of the shelf that are no liquids when not said
 * @param mostKinds clays and lumps in one mix at most
 * @param mostParts parts in all at most
 * @param wanted grams of the mix that are to end up in designs; what stays on hands and in the machine comes on top
 * @param onHandOnly whether there has to be enough of each
 * @param like how it is to hide and shimmer; anyhow when not said
 * @param from what it is made of
 */
public record FindForm(
        Srgb target,
        Face face,
        @Nullable List<Long> clayIds,
        int mostKinds,
        int mostParts,
        Mass wanted,
        boolean onHandOnly,
        @Nullable LookForm like,
        @Default("CLAYS") From from) {
    static final Span MOST_KINDS = RecipeSearch.KINDS;
    static final Span MOST_PARTS = RecipeSearch.PARTS;
    static final Span WANTED = MixMeasuring.WANTED;

    /** What a recipe is made of. */
    public enum From {
        CLAYS,
        LEFTOVERS,
        BOTH
    }

    /** How thick a sheet has to be for nothing to show through, and what it does that no even colour can show. */
    public record LookForm(Length opaqueFrom, @Default("[]") List<Effect> effects) {
        static final Span OPAQUE_FROM = Colorant.SHEET.named("opaqueFromMm");

        Look look() {
            return new Look(
                    opaqueFrom,
                    effects.stream().filter(effect -> effect != Effect.PLAIN).collect(Collectors.toSet()));
        }
    }

    /** The search as the core takes it; refused with everything that is wrong. */
    RecipeSearch search(Pantry pantry, MixWaste waste) {
        List<Choice> choices = chosen(pantry).map(pick -> pick.choice(face)).toList();
        Look look = like == null ? null : like.look();
        List<Choice> allowed = look == null ? choices : look.allowed(choices);
        if (allowed.isEmpty() && !choices.isEmpty()) {
            throw new InvalidInputException(
                    "like",
                    "only clays that shimmer or glitter in another way",
                    "clays with no other effect than the one you want",
                    "Choose more clays, or allow other looks.");
        }
        return new RecipeSearch(Lab.of(target), look, allowed, mostKinds, mostParts, waste.toMix(wanted), onHandOnly);
    }

    private Stream<Pantry.Pick> chosen(Pantry pantry) {
        Stream<Pantry.Pick> clays = from == From.LEFTOVERS ? Stream.of() : clays(pantry);
        return from == From.CLAYS ? clays : Stream.concat(clays, pantry.lumps());
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
