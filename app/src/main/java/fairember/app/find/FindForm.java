package fairember.app.find;

import static fairember.app.web.Given.given;
import static fairember.app.web.Given.or;

import fairember.core.colour.Face;
import fairember.core.colour.Lab;
import fairember.core.colour.Srgb;
import fairember.core.measure.Gathering;
import fairember.core.measure.Mass;
import fairember.core.measure.Refused;
import fairember.core.mix.MixMeasuring;
import fairember.core.recipe.Choice;
import fairember.core.recipe.RecipeSearch;
import java.util.List;
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
 * @param wantedG grams that are needed of the mix
 * @param onHandOnly whether there has to be enough of each
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
        @Nullable From from) {
    /** What a recipe is made of. */
    public enum From {
        CLAYS,
        LEFTOVERS,
        BOTH
    }

    /** The search as the core takes it; refused with everything that is wrong. */
    RecipeSearch parse(Pantry pantry) {
        Gathering g = new Gathering();
        var target = g.at("", () -> Srgb.parse("targetHex", given("targetHex", targetHex)));
        var side = g.at("", () -> given("face", face));
        g.at("", () -> MixMeasuring.WANTED.check(wantedG));
        g.at("", () -> RecipeSearch.KINDS.check(mostKinds));
        g.at("", () -> RecipeSearch.PARTS.check(mostParts));
        var chosen = g.at("", () -> chosen(pantry).toList());
        g.orRefuse();
        List<Choice> choices = chosen.orElseThrow().stream()
                .map(pick -> pick.choice(side.orElseThrow()))
                .toList();
        return new RecipeSearch(
                Lab.of(target.orElseThrow()), choices, mostKinds, mostParts, new Mass(wantedG), onHandOnly);
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
            throw new Refused("clayIds", "clay " + id, "clays on the shelf", "Choose among the clays there are.");
        }
        return clay;
    }
}
