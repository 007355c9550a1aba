package fairember.core.mix;

import fairember.core.claysheet.WorkedClay;
import fairember.core.colour.MixPart;
import fairember.core.input.Figures;
import fairember.core.input.InvalidInputException;
import fairember.core.input.Words;
import fairember.core.quantity.Mass;
import fairember.core.quantity.Minutes;
import fairember.core.stock.StockClay;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;

/**
 * A recipe: parts, by weight, of stock clays and of other mixes, and what is added to them.
 *
 * @param id its number in the studio
 * @param name 1 to 60 characters
 * @param ingredients one to {@value #MOST}, each clay and each mix once, together more than no parts
 * @param inclusions up to {@value #MOST_INCLUSIONS}
 * @param worked what its mixes are worked into, or null when all is kneaded together
 */
public record Mix(
        long id,
        String name,
        List<Ingredient> ingredients,
        List<Inclusion> inclusions,
        @Nullable WorkedClay worked) {
    static final int MOST = 12;
    static final int MOST_INCLUSIONS = 6;

    /** A recipe that is kneaded. */
    public Mix(long id, String name, List<Ingredient> ingredients, List<Inclusion> inclusions) {
        this(id, name, ingredients, inclusions, null);
    }

    /** A recipe with nothing added. */
    public Mix(long id, String name, List<? extends Ingredient> ingredients) {
        this(id, name, List.copyOf(ingredients), List.of());
    }

    /**
     * A recipe that can be made.
     *
     * @throws InvalidInputException when there is nothing to mix or something stands twice
     */
    public Mix {
        name = Words.name("name", name);
        ingredients = List.copyOf(ingredients);
        inclusions = List.copyOf(inclusions);
        if (ingredients.isEmpty() || ingredients.size() > MOST) {
            throw new InvalidInputException(
                    "parts", ingredients.size() + " clays", "1 to " + MOST + " clays", "Choose the clays of this mix.");
        }
        double sum = ingredients.stream().mapToDouble(Ingredient::parts).sum();
        if (!(sum > 0)) {
            throw new InvalidInputException(
                    "parts",
                    Figures.show(sum) + " parts in total",
                    "more than 0",
                    "Give at least one clay some parts.");
        }
        long distinct = ingredients.stream().map(Ingredient::key).distinct().count();
        if (distinct < ingredients.size()) {
            throw new InvalidInputException(
                    "parts", "a clay twice", "each clay once", "Put all parts of a clay on one line.");
        }
        if (inclusions.size() > MOST_INCLUSIONS) {
            throw new InvalidInputException(
                    "inclusions",
                    inclusions.size() + " kinds",
                    "up to " + MOST_INCLUSIONS,
                    "Add fewer kinds to one mix.");
        }
    }

    /** A number of parts, by weight, of something. */
    public sealed interface Ingredient permits OfClay, OfMix {
        double parts();

        String name();

        /** Says ingredients apart. */
        String key();

        static OfClay of(StockClay clay, double parts) {
            return new OfClay(clay, parts);
        }

        static OfMix of(Mix mix, double parts) {
            return new OfMix(mix, parts);
        }
    }

    /**
     * A number of parts of a clay.
     *
     * @param parts by weight, 0 to 1000
     */
    public record OfClay(StockClay clay, double parts) implements Ingredient {
        public OfClay {
            MixPart.PARTS.check(parts);
        }

        @Override
        public String name() {
            return clay.name();
        }

        @Override
        public String key() {
            return "clay " + clay.id();
        }
    }

    /**
     * A number of parts of another mix.
     *
     * @param parts by weight, 0 to 1000
     */
    public record OfMix(Mix mix, double parts) implements Ingredient {
        public OfMix {
            MixPart.PARTS.check(parts);
        }

        /** What one of its parts and of what is added to it is here. */
        private double each() {
            return parts / (mix.allParts() * (1 + mix.inclusionShare()));
        }

        @Override
        public String name() {
            return mix.name();
        }

        @Override
        public String key() {
            return "mix " + mix.id();
        }
    }

    /** Parts of a clay, over all the mixes it comes in by. */
    public record ClayParts(StockClay clay, double parts) {}

    /** Parts of something added, over all the mixes it comes in by. */
    public record InclusionParts(Inclusion inclusion, double parts) {}

    /** The same mix, and the mixes in it, of other clays. */
    public Mix of(UnaryOperator<StockClay> clays) {
        List<Ingredient> others = ingredients.stream()
                .<Ingredient>map(one -> one instanceof OfClay of
                        ? new OfClay(clays.apply(of.clay()), of.parts())
                        : new OfMix(((OfMix) one).mix().of(clays), one.parts()))
                .toList();
        return new Mix(id, name, others, inclusions, worked);
    }

    /** All parts of its lines, of its own counting. */
    public double allParts() {
        return ingredients.stream().mapToDouble(Ingredient::parts).sum();
    }

    /** What is added to it, as a share of its clay and of its mixes. */
    double inclusionShare() {
        return inclusions.stream().mapToDouble(i -> i.ofClay().of1()).sum();
    }

    /**
     * The clays it comes down to, each once, in the order they are met; with {@link #allInclusions} they sum to {@link #allParts} and its own
     * inclusions.
     *
     * <pre>parts of a clay by way of a mix = parts of the mix · the clay's share of it</pre>
     */
    public List<ClayParts> clays() {
        Map<StockClay, Double> parts = new LinkedHashMap<>();
        for (Ingredient ingredient : ingredients) {
            if (ingredient instanceof OfClay of) {
                parts.merge(of.clay(), of.parts(), Double::sum);
            } else if (ingredient instanceof OfMix of) {
                of.mix().clays().forEach(inner -> parts.merge(inner.clay(), of.each() * inner.parts(), Double::sum));
            }
        }
        List<ClayParts> clays = new ArrayList<>();
        parts.forEach((clay, of) -> clays.add(new ClayParts(clay, of)));
        return clays;
    }

    /** All that is added to it and into the mixes it holds, each once, counted as its clays are. */
    public List<InclusionParts> allInclusions() {
        Map<Inclusion, Double> parts = new LinkedHashMap<>();
        inclusions.forEach(own -> parts.merge(own, own.ofClay().of1() * allParts(), Double::sum));
        for (Ingredient ingredient : ingredients) {
            if (ingredient instanceof OfMix of) {
                of.mix()
                        .allInclusions()
                        .forEach(inner -> parts.merge(inner.inclusion(), of.each() * inner.parts(), Double::sum));
            }
        }
        List<InclusionParts> inclusions = new ArrayList<>();
        parts.forEach((inclusion, of) -> inclusions.add(new InclusionParts(inclusion, of)));
        return inclusions;
    }

    /** Minutes that so much of it takes beyond usual conditioning, for the clays in it. */
    public Minutes conditioning(Mass grams) {
        return clayIn(grams).entrySet().stream()
                .map(e -> e.getKey().conditioning().of(e.getValue()))
                .reduce(Minutes.ZERO, Minutes::plus);
    }

    /** What so much of it holds of each clay. */
    public Map<StockClay, Mass> clayIn(Mass grams) {
        double all = allParts() * (1 + inclusionShare());
        Map<StockClay, Mass> in = new LinkedHashMap<>();
        clays().forEach(part -> in.merge(part.clay(), grams.times(part.parts() / all), Mass::plus));
        return in;
    }

    /** Grams that go in for grams that are used: what is cut off worked clay is made too. */
    public Mass made(Mass used) {
        return worked == null ? used : worked.made(used).all();
    }

    /** Minutes to work it, and the worked clay in it, for grams that are used. */
    public Minutes making(Mass used) {
        if (used.g() <= 0) {
            return Minutes.ZERO;
        }
        Minutes minutes = worked == null ? Minutes.ZERO : worked.made(used).minutes();
        double each = made(used).g() / (allParts() * (1 + inclusionShare()));
        for (Ingredient ingredient : ingredients) {
            if (ingredient instanceof OfMix of) {
                minutes = minutes.plus(of.mix().making(new Mass(of.parts() * each)));
            }
        }
        return minutes;
    }

    List<MixPart> colours() {
        return clays().stream()
                .map(c -> new MixPart(c.clay().name(), c.clay().pigment(), c.parts()))
                .toList();
    }
}
