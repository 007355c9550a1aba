package fairember.app.mix;

import static fairember.app.web.Given.all;
import static fairember.app.web.Given.given;

import fairember.core.measure.Gathering;
import fairember.core.measure.Refused;
import fairember.core.measure.Words;
import fairember.core.mix.Mix;
import fairember.core.stock.StockClay;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;

/** A recipe in parts of stock clays. */
public record MixForm(String name, List<MixPartForm> parts) {
    /** So many parts of a clay. */
    public record MixPartForm(long clayId, double parts) {
        private Mix.Ingredient parse(Map<Long, StockClay> clays) {
            StockClay clay = clays.get(clayId);
            if (clay == null) {
                throw new Refused("clayId", "clay " + clayId, "a clay on the shelf", "Choose a clay.");
            }
            return new Mix.Ingredient(clay, parts);
        }
    }

    /** The mix as the core takes it; refused with everything that is wrong. */
    public Mix parse(long id, Map<Long, StockClay> clays) {
        Gathering g = new Gathering();
        g.at("", () -> Words.name("name", given("name", name)));
        var told = g.at("", () -> all("parts", parts));
        List<Supplier<Mix.Ingredient>> suppliers = told.orElse(List.of()).stream()
                .<Supplier<Mix.Ingredient>>map(part -> () -> part.parse(clays))
                .toList();
        List<Mix.Ingredient> ingredients = g.all("parts", suppliers);
        g.orRefuse();
        return new Mix(id, name, ingredients);
    }
}
