package fairember.core.daybook;

import fairember.core.design.Step;
import fairember.core.quantity.Minutes;
import java.util.List;
import org.hipparchus.linear.RealVector;
import org.jspecify.annotations.Nullable;

/**
 * The minutes of a step, as far as the daybook tells; the step's own figures while it tells nothing.
 *
 * @param setup minutes once for a batch
 * @param each minutes for one piece
 * @param batches that it is learned from
 * @param fit how it was learned; null while nothing was
 */
public record StepEstimate(
        Minutes setup, Minutes each, int batches, @Nullable RobustFit fit) {
    /** How far a maker's own figures are off: two of three lie within this share of themselves. */
    private static final double OWN_SD = 0.6;

    private static final double LEAST_SETUP_SD = 1;
    private static final double LEAST_EACH_SD = 0.05;
    /** How far batches of one step differ, relative, before the log says so, and how many of them that is worth. */
    private static final double NOISE = 0.2;

    private static final double NOISE_WEIGHT = 5;
    private static final double LEAST_MINUTES = 0.1;

    /** What the step says itself. */
    public static StepEstimate own(Step step) {
        return new StepEstimate(step.setup(), step.each(), 0, null);
    }

    /**
     * Learned from what was logged: minutes ≈ set-up + pieces · each, with noise in proportion to the minutes. The step's own
     * figures are what is thought before; every batch weighs more against them, and an absurd one hardly does.
     */
    public static StepEstimate learned(Step step, List<StepLog> logs) {
        if (logs.isEmpty()) {
            return own(step);
        }
        RealVector own = RobustFit.vector(step.setup().min(), step.each().min());
        RealVector sd = own.mapMultiply(OWN_SD).add(RobustFit.vector(LEAST_SETUP_SD, LEAST_EACH_SD));
        RobustFit fit = RobustFit.of(
                logs.stream()
                        .map(log -> new RobustFit.Seen(
                                row(log.pieces()), log.minutes().min()))
                        .toList(),
                new RobustFit.Prior(own, sd, NOISE, NOISE_WEIGHT),
                StepEstimate::atLeast);
        return new StepEstimate(
                tenths(fit.theta().getEntry(0)), tenths(fit.theta().getEntry(1)), logs.size(), fit);
    }

    /** As finely as minutes are typed: a plan of such minutes comes out in whole seconds. */
    private static Minutes tenths(double minutes) {
        return new Minutes(Math.rint(minutes * 10) / 10);
    }

    private static RealVector row(int pieces) {
        return RobustFit.vector(1, pieces);
    }

    private static double atLeast(double minutes) {
        return Math.max(LEAST_MINUTES, minutes);
    }

    /** Whether the daybook told anything. */
    public boolean isLearned() {
        return batches > 0;
    }

    /**
     * Minutes for so many pieces, set-up included, with the range in which four of five batches end. Minutes are never under
     * nothing and sometimes far over, so that the range is as wide in ratio on both sides.
     */
    public MinutesRange of(int pieces) {
        RobustFit learned = fit;
        double expected = setup.min() + each.min() * pieces;
        if (learned == null || expected <= 0) {
            Minutes known = new Minutes(expected);
            return new MinutesRange(known, known, known);
        }
        double ratio = Math.exp(learned.reach(expected, row(pieces)) / expected);
        return new MinutesRange(new Minutes(expected), new Minutes(expected / ratio), new Minutes(expected * ratio));
    }
}
