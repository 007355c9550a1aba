package fairember.app.mix;

import static fairember.app.web.Given.given;

import fairember.core.colour.Face;
import fairember.core.colour.Lab;
import fairember.core.colour.Srgb;
import fairember.core.measure.Gathering;
import fairember.core.measure.Mass;
import fairember.core.measure.Refused;
import fairember.core.measure.Span;
import fairember.core.recipe.Choice;
import fairember.core.recipe.RecipeSearch;
import fairember.core.stock.StockClay;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * A colour that is looked for among the clays of the shelf.
 *
 * @param targetHex the colour
 * @param face whether the recipe is to have it raw or cured
 * @param clayIds what may go in; all of the shelf when not said
 * @param mostKinds clays in one mix at most
 * @param mostParts parts in all at most
 * @param wantedG grams that are needed of the mix
 * @param onHandOnly whether the shelf has to have enough of each clay
 */
public record FindForm(
        String targetHex,
        Face face,
        @Nullable List<Long> clayIds,
        int mostKinds,
        int mostParts,
        double wantedG,
        boolean onHandOnly) {
    /** What may be wanted of a mix at a time. */
    static final Span WANTED = Span.of("wantedG", "wanted", 0.1, 20_000, "g");

    /** The search as the core takes it; refused with everything that is wrong. */
    RecipeSearch parse(Map<Long, StockClay> clays) {
        Gathering g = new Gathering();
        var target = g.at("", () -> Srgb.parse("targetHex", given("targetHex", targetHex)));
        var side = g.at("", () -> given("face", face));
        g.at("", () -> WANTED.check(wantedG));
        g.at("", () -> RecipeSearch.KINDS.check(mostKinds));
        g.at("", () -> RecipeSearch.PARTS.check(mostParts));
        var chosen = g.at("", () -> chosen(clays));
        g.orRefuse();
        List<Choice> choices = chosen.orElseThrow().stream()
                .map(clay -> new Choice(
                        clay.id(),
                        clay.name(),
                        clay.pigment().colorant(side.orElseThrow()),
                        clay.onShelf().g(),
                        clay.bestValue().minorPerGram()))
                .toList();
        return new RecipeSearch(
                Lab.of(target.orElseThrow()), choices, mostKinds, mostParts, new Mass(wantedG), onHandOnly);
    }

    private List<StockClay> chosen(Map<Long, StockClay> clays) {
        if (clayIds == null) {
            return List.copyOf(clays.values());
        }
        return clayIds.stream().distinct().map(id -> clay(clays, id)).toList();
    }

    private static StockClay clay(Map<Long, StockClay> clays, @Nullable Long id) {
        StockClay clay = id == null ? null : clays.get(id);
        if (clay == null) {
            throw new Refused("clayIds", "clay " + id, "clays on the shelf", "Choose among the clays there are.");
        }
        return clay;
    }
}
