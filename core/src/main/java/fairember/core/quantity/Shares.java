package fairember.core.quantity;

import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** Parts of a whole, rounded so that they still add up to it. */
public final class Shares {
    private Shares() {}

    /** Parts of 100 in tenths, such as 33.4, 33.3 and 33.3. */
    public static List<Double> percent(List<Double> weights) {
        return rounded(weights, 100, 0.1);
    }

    /**
     * The whole shared out by weights in whole steps: each gets its steps rounded down, and those with the largest rests one more,
     * until all is shared out. Something stays something: a weight over 0 has one step at least.
     *
     * @param weights 0 or more; when they are nothing together, nothing is shared out
     * @param whole what they share, rounded to whole steps
     * @param step what is counted in, more than 0
     * @return as many as weights, together {@code whole}; more only when there are more weights than steps
     */
    public static List<Double> rounded(List<Double> weights, double whole, double step) {
        double sum = weights.stream().mapToDouble(Double::doubleValue).sum();
        if (!(sum > 0)) {
            return weights.stream().map(w -> 0.0).toList();
        }
        double[] exact =
                weights.stream().mapToDouble(w -> w / sum * whole / step).toArray();
        long[] steps = IntStream.range(0, exact.length)
                .mapToLong(i -> Math.max(weights.get(i) > 0 ? 1 : 0, (long) Math.floor(exact[i] + 1e-9)))
                .toArray();
        long left = Math.round(whole / step)
                - IntStream.range(0, steps.length).mapToLong(i -> steps[i]).sum();
        Comparator<Integer> byRest = Comparator.comparingDouble(i -> steps[i] - exact[i]);
        while (left > 0) {
            steps[all(steps).min(byRest).orElseThrow()]++;
            left--;
        }
        while (left < 0 && all(steps).anyMatch(i -> steps[i] > 1)) {
            steps[all(steps).filter(i -> steps[i] > 1).max(byRest).orElseThrow()]--;
            left++;
        }
        return IntStream.range(0, steps.length)
                .mapToObj(i -> Math.round(steps[i] * step * 1e6) / 1e6)
                .toList();
    }

    private static Stream<Integer> all(long[] steps) {
        return IntStream.range(0, steps.length).boxed();
    }
}
