package fairember.core.loadsearch;

import java.util.function.IntPredicate;

/** Parts a count over loads. */
final class Splitting {
    private Splitting() {}

    /** Whether a number of can be parted into loads of {@code least} to {@code most}; none at all always can. */
    static boolean may(int count, int least, int most) {
        if (count == 0) {
            return true;
        }
        if (most < 1) {
            return false;
        }
        long loads = (count + (long) most - 1) / most;
        return loads * least <= count;
    }

    /** The most that is taken, up to {@code wanted}, where fewer are taken whenever more are. */
    static int most(int wanted, IntPredicate taken) {
        int low = 0;
        int high = wanted;
        while (low < high) {
            int middle = (low + high + 1) / 2;
            if (taken.test(middle)) {
                low = middle;
            } else {
                high = middle - 1;
            }
        }
        return low;
    }
}
