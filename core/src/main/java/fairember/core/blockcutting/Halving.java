package fairember.core.blockcutting;

import java.util.ArrayList;
import java.util.List;

/** How a lump is parted into equal pieces by eye: in half and in three as long as it goes, what is left at once. */
public final class Halving {
    private Halving() {}

    /** Factors of a count, halves first: 12 gives 2, 2, 3; 10 gives 2, 5; 1 gives none. */
    public static List<Integer> steps(int count) {
        List<Integer> steps = new ArrayList<>();
        int rest = count;
        for (int factor : new int[] {2, 3}) {
            while (rest % factor == 0) {
                steps.add(factor);
                rest /= factor;
            }
        }
        if (rest > 1) {
            steps.add(rest);
        }
        return steps;
    }
}
