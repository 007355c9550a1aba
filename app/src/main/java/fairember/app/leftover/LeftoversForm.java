package fairember.app.leftover;

import static fairember.app.web.Given.all;
import static fairember.app.web.Given.given;

import fairember.core.input.Gathering;
import fairember.core.input.InvalidInputException;
import fairember.core.input.Words;
import fairember.core.mix.Lump;
import fairember.core.mix.Mix;
import fairember.core.quantity.Mass;
import fairember.core.stock.StockClay;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/** The box of leftovers. */
public record LeftoversForm(List<LumpForm> lumps) {
    static final LeftoversForm EMPTY = new LeftoversForm(List.of());
    private static final int MOST = 60;

    /**
     * A lump.
     *
     * @param mixId the mix it is left of, if it is of one
     * @param parts what it is made of, in clays; it stays so when the mix changes
     */
    public record LumpForm(
            String name,
            LocalDate madeOn,
            double massG,
            @Nullable Long mixId,
            List<LumpPartForm> parts) {
        Lump parse(Map<Long, StockClay> clays) {
            Gathering g = new Gathering();
            g.at("", () -> Words.name("name", given("name", name)));
            g.at("", () -> given("madeOn", madeOn));
            g.at("", () -> Lump.MASS.check(massG));
            var given = g.at("", () -> all("parts", parts));
            List<Supplier<Mix.Ingredient>> suppliers = given.orElse(List.of()).stream()
                    .<Supplier<Mix.Ingredient>>map(part -> () -> part.parse(clays))
                    .toList();
            List<Mix.Ingredient> ingredients = g.all("parts", suppliers);
            g.orRefuse();
            return new Lump(name, new Mass(massG), new Mix(0, name, ingredients));
        }
    }

    /** A number of parts of a clay, by weight. */
    public record LumpPartForm(long clayId, double parts) {
        private Mix.Ingredient parse(Map<Long, StockClay> clays) {
            StockClay clay = clays.get(clayId);
            if (clay == null) {
                throw new InvalidInputException("clayId", "clay " + clayId, "a clay on the shelf", "Choose a clay.");
            }
            return Mix.Ingredient.of(clay, parts);
        }
    }

    /** The lumps as the core takes them; refused with everything that is wrong. */
    public List<Lump> parse(Map<Long, StockClay> clays) {
        List<LumpForm> given = all("lumps", lumps);
        if (given.size() > MOST) {
            throw new InvalidInputException(
                    "lumps", given.size() + " lumps", "up to " + MOST, "Knead some of them together.");
        }
        List<Supplier<Lump>> suppliers = given.stream()
                .<Supplier<Lump>>map(lump -> () -> lump.parse(clays))
                .toList();
        Gathering g = new Gathering();
        List<Lump> parsed = g.all("lumps", suppliers);
        g.orRefuse();
        return parsed;
    }
}
