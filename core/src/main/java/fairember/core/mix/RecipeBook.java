package fairember.core.mix;

import fairember.core.claysheet.NamedClay;
import fairember.core.claysheet.WorkedClay;
import fairember.core.claysheet.WorkedRecipe;
import fairember.core.input.Gathering;
import fairember.core.input.InputError;
import fairember.core.input.InvalidInputException;
import fairember.core.quantity.Mass;
import fairember.core.stock.StockClay;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/**
 * Makes mixes of recipes, with the clays and the mixes they hold.
 *
 * @param clays of the shelf, by number
 * @param recipes of all mixes, by number
 */
public record RecipeBook(Map<Long, StockClay> clays, Map<Long, MixRecipe> recipes) {
    /** Deeper than this nobody mixes. */
    private static final int MOST_DEEP = 5;

    /**
     * The mix of a recipe.
     *
     * @throws InvalidInputException with everything that is wrong, a mix that would hold itself among it
     */
    public Mix mix(MixRecipe recipe) {
        return mix(recipe, List.of());
    }

    private Mix mix(MixRecipe recipe, List<Long> holders) {
        Gathering g = new Gathering();
        List<Long> inside = new ArrayList<>(holders);
        inside.add(recipe.id());
        WorkedRecipe worked = recipe.worked();
        if (worked != null) {
            return worked(recipe, worked, inside);
        }
        List<Mix.Ingredient> ingredients = g.all(
                "parts",
                recipe.parts().stream()
                        .<Supplier<Mix.Ingredient>>map(line -> () -> ingredient(line, recipe.unit(), inside))
                        .toList());
        g.orRefuse();
        return new Mix(recipe.id(), recipe.name(), ingredients, recipe.inclusions());
    }

    /** Of clay that is worked, what goes into one: parts of a hundred. */
    private Mix worked(MixRecipe recipe, WorkedRecipe worked, List<Long> inside) {
        Gathering g = new Gathering();
        Map<Long, Mix> inner = new HashMap<>();
        WorkedClay one = g.at("worked", () -> worked.one(id -> named(inner(id, inside), inner)))
                .orElse(null);
        g.orRefuse();
        WorkedClay made = Objects.requireNonNull(one);
        double all = made.one().g();
        List<Mix.Ingredient> ingredients = new ArrayList<>();
        made.of().forEach((id, mass) -> {
            Mix mix = Objects.requireNonNull(inner.get(id));
            ingredients.add(Mix.Ingredient.of(mix, 100 * mass.g() / all));
        });
        return new Mix(recipe.id(), recipe.name(), ingredients, List.of(), made);
    }

    private static NamedClay named(Mix mix, Map<Long, Mix> met) {
        met.put(mix.id(), mix);
        return new NamedClay(mix.name(), MixMeasuring.measure(mix, new Mass(1)).density());
    }

    private Mix.Ingredient ingredient(MixRecipe.RecipeLine line, MixUnit unit, List<Long> inside) {
        Long mixId = line.mixId();
        if (mixId == null) {
            StockClay clay = clay(clays, line.clayId());
            return Mix.Ingredient.of(
                    clay, weight(line.parts(), unit, clay.drop().g()));
        }
        if (line.clayId() != null) {
            throw new InvalidInputException("mixId", "a clay and a mix", "one of them", "Put the mix on its own line.");
        }
        Mix inner = inner(mixId, inside);
        return Mix.Ingredient.of(inner, weight(line.parts(), unit, drop(inner)));
    }

    /**
     * The clay of a number.
     *
     * @throws InvalidInputException on "clayId" when there is none
     */
    static StockClay clay(Map<Long, StockClay> clays, @Nullable Long id) {
        StockClay clay = id == null ? null : clays.get(id);
        if (clay == null) {
            throw new InvalidInputException("clayId", "clay " + id, "a clay on the shelf", "Choose a clay.");
        }
        return clay;
    }

    private Mix inner(long mixId, List<Long> inside) {
        MixRecipe recipe = recipes.get(mixId);
        if (recipe == null) {
            throw new InvalidInputException("mixId", "mix " + mixId, "a mix of the studio", "Choose a mix.");
        }
        if (inside.contains(mixId)) {
            throw new InvalidInputException(
                    "mixId",
                    recipe.name() + ", which would contain itself",
                    "mixes that do not contain this one",
                    "Remove it here, or remove this mix from " + recipe.name() + ".");
        }
        if (inside.size() >= MOST_DEEP) {
            throw new InvalidInputException(
                    "mixId",
                    recipe.name() + ", " + (inside.size() + 1) + " mixes deep",
                    "mixes up to " + MOST_DEEP + " deep",
                    "Use its clays instead.");
        }
        try {
            return mix(recipe, inside);
        } catch (InvalidInputException deeper) {
            // What stands in the way is further in: it is given at the line that leads there.
            InputError first = deeper.errors().get(0);
            throw new InvalidInputException("mixId", first.found(), first.allowed(), first.fix());
        }
    }

    private static double weight(double parts, MixUnit unit, double dropG) {
        return unit == MixUnit.DROPS ? parts * dropG : parts;
    }

    /** Grams of a drop of something mixed. */
    public static double drop(Mix mix) {
        return mix.clays().stream()
                .mapToDouble(c -> c.clay().drop().g() * c.parts() / mix.allParts())
                .sum();
    }

    /** Grams of a drop of a line. */
    public static double drop(Mix.Ingredient ingredient) {
        return ingredient instanceof Mix.OfClay of ? of.clay().drop().g() : drop(((Mix.OfMix) ingredient).mix());
    }
}
