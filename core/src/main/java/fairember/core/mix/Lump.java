package fairember.core.mix;

import fairember.core.input.InvalidInputException;
import fairember.core.input.Span;
import fairember.core.input.Words;
import fairember.core.quantity.Mass;
import fairember.core.stock.StockClay;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * A leftover whose clays are known.
 *
 * @param name 1 to 60 characters
 * @param mass grams of it, over 0 to 20 000
 * @param mix what it is made of, as a recipe of stock clays
 */
public record Lump(String name, Mass mass, Mix mix) {
    public static final Span MASS = Span.of("massG", "left over", 0.1, 20_000, "g");

    public Lump {
        name = Words.name("name", name);
        MASS.check(mass.g());
    }

    /** A number of grams of a lump. */
    public record Taken(Lump lump, Mass mass) {
        public Taken {
            if (mass.g() <= 0 || mass.g() > lump.mass().g() * (1 + 1e-9)) {
                throw new InvalidInputException(
                        "massG",
                        mass.g() + " g of " + lump.name(),
                        "over 0 to " + lump.mass().g() + " g",
                        "Take no more than there is.");
            }
        }
    }

    /**
     * Several lumps kneaded together: grams of each clay add up.
     *
     * @param name of what comes of it
     * @param taken two or more
     * @throws InvalidInputException when there are fewer than two, or they come down to too many clays
     */
    public static Lump merge(String name, List<Taken> taken) {
        if (taken.size() < 2) {
            throw new InvalidInputException(
                    "takes", taken.size() + " lumps", "two or more", "Choose the lumps to knead together.");
        }
        Map<StockClay, Double> grams = new LinkedHashMap<>();
        double all = 0;
        for (Taken one : taken) {
            double each = one.mass().g() / one.lump().mix().allParts();
            one.lump().mix().clays().forEach(c -> grams.merge(c.clay(), each * c.parts(), Double::sum));
            all += one.mass().g();
        }
        double total = all;
        List<Mix.Ingredient> parts = grams.entrySet().stream()
                .<Mix.Ingredient>map(e -> Mix.Ingredient.of(e.getKey(), 100 * e.getValue() / total))
                .toList();
        return new Lump(name, new Mass(all), new Mix(0, name, parts));
    }
}
