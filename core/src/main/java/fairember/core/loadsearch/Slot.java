package fairember.core.loadsearch;

import java.util.Arrays;

/**
 * What one load holds, wherever it stands in a draft.
 *
 * @see Slots which makes them
 */
final class Slot {
    /** Its things go in whenever they can. */
    static final int ANY_TIME = -1;

    final int oven;
    final int[] bakes;
    final int[] counts;
    final int bakingTime;
    final double kwh;
    final boolean pinned;
    final int at;

    Slot(int oven, int[] bakes, int[] counts, int bakingTime, double kwh, boolean pinned, int at) {
        this.oven = oven;
        this.bakes = bakes;
        this.counts = counts;
        this.bakingTime = bakingTime;
        this.kwh = kwh;
        this.pinned = pinned;
        this.at = at;
    }

    /** Whether it holds the same in the same oven. */
    boolean holdsAs(Slot other) {
        return oven == other.oven && Arrays.equals(bakes, other.bakes) && Arrays.equals(counts, other.counts);
    }

    /** How many of a bake it holds. */
    int countOf(int bake) {
        for (int i = 0; i < bakes.length; i++) {
            if (bakes[i] == bake) {
                return counts[i];
            }
        }
        return 0;
    }
}
