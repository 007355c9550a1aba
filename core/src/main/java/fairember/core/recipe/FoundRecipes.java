package fairember.core.recipe;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * What a search found.
 *
 * @param nearest for each number of choices in a recipe, from 1 on, the nearest sets of them, the nearest first
 * @param tried how many recipes were looked at
 * @param complete whether that was all of them, so that none is nearer; not so when the search was stopped
 */
public record FoundRecipes(List<List<FoundSet>> nearest, long tried, boolean complete) {
    public FoundRecipes {
        nearest = nearest.stream().map(List::copyOf).toList();
    }

    /** What speaks for a recipe among the others. */
    public enum Merit {
        NEAREST,
        CHEAPEST,
        FEWEST,
        ON_HAND
    }

    /** A set of choices in the short list, and what speaks for its nearest recipe. */
    public record Listed(FoundSet set, Set<Merit> merits) {
        public FoundRecipe recipe() {
            return set.nearest();
        }
    }

    /**
     * A short list to choose from, one entry for each set of choices, the nearest first: those that no other beats in colour, cost, missing grams and number of
     * choices together come in before the rest.
     *
     * @param most how long it may be, 1 or more
     */
    public List<Listed> shortList(int most) {
        Map<FoundRecipe, FoundSet> sets =
                nearest.stream().flatMap(List::stream).collect(Collectors.toMap(FoundSet::nearest, set -> set));
        List<FoundRecipe> all =
                sets.keySet().stream().sorted(FoundRecipe.NEAREST).toList();
        List<FoundRecipe> chosen = new ArrayList<>(all.stream()
                .filter(one -> all.stream().noneMatch(one::beatenBy))
                .limit(most)
                .toList());
        all.stream()
                .filter(one -> !chosen.contains(one))
                .limit(most - chosen.size())
                .forEach(chosen::add);
        chosen.sort(FoundRecipe.NEAREST);
        return chosen.stream()
                .map(one -> new Listed(Objects.requireNonNull(sets.get(one)), merits(one, chosen)))
                .toList();
    }

    private static Set<Merit> merits(FoundRecipe one, List<FoundRecipe> among) {
        Set<Merit> merits = EnumSet.noneOf(Merit.class);
        if (one.equals(among.get(0))) {
            merits.add(Merit.NEAREST);
        }
        if (one.equals(least(among, Comparator.comparingDouble(FoundRecipe::minorPerGram)))) {
            merits.add(Merit.CHEAPEST);
        }
        if (one.equals(least(among, Comparator.comparingInt(FoundRecipe::kinds)))) {
            merits.add(Merit.FEWEST);
        }
        if (one.missing().g() == 0
                && among.stream().anyMatch(other -> other.missing().g() > 0)) {
            merits.add(Merit.ON_HAND);
        }
        return merits;
    }

    private static FoundRecipe least(List<FoundRecipe> among, Comparator<FoundRecipe> by) {
        return among.stream().min(by.thenComparing(FoundRecipe.NEAREST)).orElseThrow();
    }
}
