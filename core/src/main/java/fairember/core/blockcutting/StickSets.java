package fairember.core.blockcutting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;

/** Sets of sticks by their size together. */
final class StickSets {
    private StickSets() {}

    /** Some of the sticks, by their numbers, and their size together. */
    record Set(List<Integer> sticks, double size) {
        Set {
            sticks = List.copyOf(sticks);
        }
    }

    /**
     * Sets that are just large enough, the smallest first; sets of sticks of equal sizes stand for each other.
     *
     * @param most how many to give
     */
    static List<Set> ofAtLeast(double[] sizes, double total, int most) {
        Integer[] order = IntStream.range(0, sizes.length).boxed().toArray(Integer[]::new);
        Arrays.sort(order, Comparator.comparingDouble(i -> -sizes[i]));
        List<Set> sets = new ArrayList<>();
        collect(sizes, order, 0, new ArrayList<>(), 0, total, sets, most * 16);
        sets.sort(Comparator.comparingDouble(Set::size));
        return sets.subList(0, Math.min(most, sets.size()));
    }

    private static void collect(
            double[] sizes,
            Integer[] order,
            int from,
            List<Integer> chosen,
            double size,
            double total,
            List<Set> sets,
            int most) {
        if (size >= total - Cutting.NOTHING) {
            sets.add(new Set(chosen, size));
        }
        for (int i = from; i < order.length && sets.size() < most; i++) {
            if (i > from && sizes[order[i]] == sizes[order[i - 1]]) {
                continue;
            }
            chosen.add(order[i]);
            collect(sizes, order, i + 1, chosen, size + sizes[order[i]], total, sets, most);
            chosen.remove(chosen.size() - 1);
        }
    }
}
