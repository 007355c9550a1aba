package fairember.core.recipe;

import fairember.core.colour.ColorantTable;
import fairember.core.colour.ColourDifference;
import fairember.core.colour.Lab;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;

/** The nearest recipes so far, shared by all who look. */
final class Nearest {
    private final double targetL;
    private final int most;
    private final TreeSet<FoundRecipe> kept = new TreeSet<>(FoundRecipe.NEAREST);
    private volatile double worst = Double.POSITIVE_INFINITY;
    private volatile double leastY = Double.NEGATIVE_INFINITY;
    private volatile double mostY = Double.POSITIVE_INFINITY;

    Nearest(double targetL, int most) {
        this.targetL = targetL;
        this.most = most;
    }

    /** ΔE00 over which a recipe is of no use any more. */
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
        kept.add(recipe);
        if (kept.size() > most) {
            kept.pollLast();
        }
        if (kept.size() == most) {
            worst = kept.last().off();
            leastY = Lab.luminance(ColourDifference.reach(targetL, worst, -1) - ColorantTable.ERROR);
            mostY = Lab.luminance(ColourDifference.reach(targetL, worst, 1) + ColorantTable.ERROR);
        }
    }

    synchronized List<FoundRecipe> list() {
        return new ArrayList<>(kept);
    }
}
