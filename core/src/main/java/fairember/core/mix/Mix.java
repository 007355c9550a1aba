package fairember.core.mix;

import fairember.core.colour.MixPart;
import fairember.core.measure.Figures;
import fairember.core.measure.Refused;
import fairember.core.measure.Words;
import fairember.core.stock.StockClay;
import java.util.List;

/**
 * A recipe: parts, by weight, of stock clays.
 *
 * @param id its number in the studio
 * @param name 1 to 60 characters
 * @param ingredients one to {@value #MOST}, each clay once, together more than no parts
 */
public record Mix(long id, String name, List<Ingredient> ingredients) {
    static final int MOST = 12;

    /**
     * A recipe that can be made.
     *
     * @throws Refused when there is nothing to mix or a clay stands twice
     */
    public Mix {
        name = Words.name("name", name);
        ingredients = List.copyOf(ingredients);
        if (ingredients.isEmpty() || ingredients.size() > MOST) {
            throw new Refused(
                    "parts", ingredients.size() + " clays", "1 to " + MOST + " clays", "Choose the clays of this mix.");
        }
        double sum = ingredients.stream().mapToDouble(Ingredient::parts).sum();
        if (!(sum > 0)) {
            throw new Refused(
                    "parts", Figures.show(sum) + " parts in all", "more than 0", "Give at least one clay some parts.");
        }
        long distinct = ingredients.stream().map(i -> i.clay().id()).distinct().count();
        if (distinct < ingredients.size()) {
            throw new Refused("parts", "a clay twice", "each clay once", "Put all parts of a clay on one line.");
        }
    }

    /**
     * So many parts of a clay.
     *
     * @param parts by weight, 0 to 1000
     */
    public record Ingredient(StockClay clay, double parts) {
        public Ingredient {
            MixPart.PARTS.check(parts);
        }
    }

    List<MixPart> colours() {
        return ingredients.stream()
                .map(i -> new MixPart(i.clay().name(), i.clay().pigment(), i.parts()))
                .toList();
    }
}
