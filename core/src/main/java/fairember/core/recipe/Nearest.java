package fairember.core.recipe;

import fairember.core.colour.ColorantTable;
import fairember.core.colour.ColourDifference;
import fairember.core.colour.Lab;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;

/** The nearest sets of choices so far, each with its nearest ratios, shared by all who look. */
final class Nearest {
    /** A number of ratios of one set are best. */
    static final int RATIOS = 4;

    private final double targetL;
    private final int most;
    private final Map<List<Long>, TreeSet<FoundRecipe>> best = new HashMap<>();
    private volatile double worst = Double.POSITIVE_INFINITY;
    private volatile double leastY = Double.NEGATIVE_INFINITY;
    private volatile double mostY = Double.POSITIVE_INFINITY;

    Nearest(double targetL, int most) {
        this.targetL = targetL;
        this.most = most;
    }

    /** ΔE00 over which a recipe is of no use any more: that of the furthest set that is best. */
    double worst() {
        return worst;
    }

    /** The darkest that can still be near enough, as Y. */
    double leastY() {
        return leastY;
    }

    /** The lightest that can still be near enough, as Y. */
    double mostY() {
        return mostY;
    }

    synchronized void offer(FoundRecipe recipe) {
        TreeSet<FoundRecipe> ratios = best.computeIfAbsent(recipe.set(), set -> new TreeSet<>(FoundRecipe.NEAREST));
        ratios.add(recipe);
        if (ratios.size() > RATIOS) {
            ratios.pollLast();
        }
        if (best.size() > most) {
            best.remove(furthest().set());
        }
        if (best.size() == most) {
            worst = furthest().deltaE();
            leastY = Lab.luminance(ColourDifference.reach(targetL, worst, -1) - ColorantTable.ERROR);
            mostY = Lab.luminance(ColourDifference.reach(targetL, worst, 1) + ColorantTable.ERROR);
        }
    }

    /** The nearest ratio of the set that is the furthest off. */
    private FoundRecipe furthest() {
        return best.values().stream()
                .map(TreeSet::first)
                .max(FoundRecipe.NEAREST)
                .orElseThrow();
    }

    /** Sets with their ratios, the nearest first; ratios further off than the furthest set are left out, for some were not best. */
    synchronized List<FoundSet> list() {
        return best.values().stream()
                .map(ratios -> new FoundSet(
                        ratios.stream().filter(ratio -> ratio.deltaE() <= worst).toList()))
                .sorted(Comparator.comparing(FoundSet::nearest, FoundRecipe.NEAREST))
                .toList();
    }
}
