package fairember.core.mix;

import fairember.core.quantity.Shares;
import java.util.List;
import java.util.stream.IntStream;

/** What the numbers of a recipe count. */
public enum MixUnit {
    PARTS("parts"),
    PERCENT("%"),
    GRAMS("g"),
    DROPS("drops");

    /** Finest step of whole and half parts, and of grams. */
    private static final double HALF = 0.5;

    private static final double HUNDREDTH = 0.01;
    private static final int MOST_PARTS = 48;
    /** From here on whole and half parts are as good as the recipe. */
    private static final double GOOD_SHARE = 0.002;

    private final String label;

    MixUnit(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }

    /**
     * The same recipe counted in this unit: shares of the whole are kept, to the step that is used in it.
     *
     * <pre>
     * per cent   100·w/Σw, to 0.1     grams  wanted·w/Σw, to 0.01     drops  wanted·w/Σw/grams of a drop, whole
     *            per cent and grams rounded so that they still add up
     * parts      the fewest whole or half parts up to 48 in all whose shares are within 0.2 % of the recipe's
     * </pre>
     *
     * @param weights what each line weighs beside the others, together more than 0
     * @param wantedG grams in all, for grams and drops
     * @param dropG grams of a drop of each line
     */
    public List<Double> counted(List<Double> weights, double wantedG, List<Double> dropG) {
        double sum = weights.stream().mapToDouble(Double::doubleValue).sum();
        return switch (this) {
            case PARTS -> inParts(weights, sum);
            case PERCENT -> Shares.percent(weights);
            case GRAMS -> Shares.rounded(weights, wantedG, HUNDREDTH);
            case DROPS ->
                IntStream.range(0, weights.size())
                        .mapToObj(i -> step(wantedG * weights.get(i) / sum / dropG.get(i), 1))
                        .toList();
        };
    }

    /** To whole steps; something stays something. */
    private static double step(double value, double step) {
        double rounded = Math.round(value / step) * step;
        double tidy = Math.round((value > 0 ? Math.max(step, rounded) : 0) * 1e6) / 1e6;
        return tidy;
    }

    private static List<Double> inParts(List<Double> weights, double sum) {
        List<Double> best = List.of();
        double least = Double.POSITIVE_INFINITY;
        for (int halves = 1; halves <= 2 * MOST_PARTS; halves++) {
            double all = halves * HALF;
            List<Double> parts =
                    weights.stream().map(w -> step(all * w / sum, HALF)).toList();
            double off = off(weights, sum, parts);
            if (off < least - 1e-12) {
                least = off;
                best = parts;
            }
            if (least <= GOOD_SHARE) {
                break;
            }
        }
        return best;
    }

    /** The largest difference of a line's share of the whole. */
    private static double off(List<Double> weights, double sum, List<Double> parts) {
        double all = parts.stream().mapToDouble(Double::doubleValue).sum();
        return IntStream.range(0, parts.size())
                .mapToDouble(i -> Math.abs(parts.get(i) / all - weights.get(i) / sum))
                .max()
                .orElse(0);
    }
}
