package fairember.core.daybook;

import fairember.core.quantity.Share;
import org.hipparchus.distribution.continuous.BetaDistribution;

/**
 * How many pieces are lost where: a beta distribution, with what is thought before worth {@value #WEIGHT} pieces.
 *
 * @param passed pieces that were worked on
 * @param lost of these
 * @param expected share lost of the next pieces
 * @param low under which it lies in one case of ten
 * @param high over which it lies in one case of ten
 */
public record LossEstimate(int passed, int lost, Share expected, Share low, Share high) {
    private static final double WEIGHT = 30;
    private static final double TENTH = 0.1;
    private static final double LEAST = 1e-4;
    private static final int MOST_SPARES = 1000;
    private static final double FOUR_OF_FIVE = 0.8;

    /**
     * Learned from what was lost.
     *
     * @param guess what is thought before
     */
    public static LossEstimate of(int passed, int lost, Share guess) {
        double before = Math.min(1 - LEAST, Math.max(LEAST, guess.of1()));
        double alpha = before * WEIGHT + lost;
        double beta = (1 - before) * WEIGHT + Math.max(0, passed - lost);
        BetaDistribution share = new BetaDistribution(alpha, beta);
        return new LossEstimate(
                passed,
                lost,
                new Share(alpha / (alpha + beta)),
                new Share(share.inverseCumulativeProbability(TENTH)),
                new Share(share.inverseCumulativeProbability(1 - TENTH)));
    }

    /** How many to begin, so that in four of five batches at least so many are left. */
    public int toBegin(int wanted) {
        double kept = 1 - expected.of1();
        if (kept <= 0) {
            return wanted;
        }
        int begin = wanted;
        while (begin < wanted + MOST_SPARES && atLeast(wanted, begin, kept) < FOUR_OF_FIVE) {
            begin++;
        }
        return begin;
    }

    /** How likely at least so many of n are kept, each by itself. */
    private static double atLeast(int wanted, int n, double kept) {
        double lost = 1 - kept;
        double term = Math.pow(kept, n);
        double sum = term;
        for (int k = 1; k <= n - wanted; k++) {
            term *= lost / kept * (n - k + 1) / k;
            sum += term;
        }
        return sum;
    }
}
