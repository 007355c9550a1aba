package fairember.core.recipe;

import fairember.core.colour.ColourDifference;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;

/** The nearest recipes so far, shared by all who look. */
final class Nearest {
    private final double targetL;
    private final int most;
    private final TreeSet<FoundRecipe> kept = new TreeSet<>(FoundRecipe.NEAREST);
    private volatile double worst = Double.POSITIVE_INFINITY;

    Nearest(double targetL, int most) {
        this.targetL = targetL;
        this.most = most;
    }

    /** ΔE00 over which a recipe is of no use any more. */
    double worst() {
        return worst;
    }

    /** The darkest that can still be near enough. */
    double leastL() {
        return targetL - ColourDifference.MOST_LIGHTNESS * worst;
    }

    /** The lightest that can still be near enough. */
    double mostL() {
        return targetL + ColourDifference.MOST_LIGHTNESS * worst;
    }

    synchronized void offer(FoundRecipe recipe) {
        kept.add(recipe);
        if (kept.size() > most) {
            kept.pollLast();
        }
        if (kept.size() == most) {
            worst = kept.last().off();
        }
    }

    synchronized List<FoundRecipe> list() {
        return new ArrayList<>(kept);
    }
}
