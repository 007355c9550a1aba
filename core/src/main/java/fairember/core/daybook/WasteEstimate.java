package fairember.core.daybook;

import fairember.core.quantity.Mass;
import fairember.core.quantity.Share;
import java.util.List;
import org.hipparchus.linear.RealVector;

/**
 * What of a mix stays on hands and tools, as a share of what ends up in pieces.
 *
 * @param expected share
 * @param low under which one weighing of ten lies
 * @param high over which one weighing of ten lies
 * @param weighings it is learned from
 */
public record WasteEstimate(Share expected, Share low, Share high, int weighings) {
    private static final RealVector ONE = RobustFit.vector(1);
    private static final double OWN_SD = 0.1;
    private static final double NOISE = 0.06;
    private static final double NOISE_WEIGHT = 4;

    /** Grams used of a mix, and those of them that ended up in pieces. */
    public record Weighing(Mass net, Mass used) {}

    /**
     * Learned from weighings: the ratio of grams used to grams in pieces.
     *
     * @param own the studio's own waste, which is what is thought before
     */
    public static WasteEstimate of(Share own, List<Weighing> weighings) {
        RobustFit fit = RobustFit.of(
                weighings.stream()
                        .map(w -> new RobustFit.Seen(ONE, w.used().g() / w.net().g()))
                        .toList(),
                new RobustFit.Prior(RobustFit.vector(1 + own.of1()), RobustFit.vector(OWN_SD), NOISE, NOISE_WEIGHT),
                fitted -> 1.0);
        double expected = fit.theta().getEntry(0);
        double reach = fit.reach(1, ONE);
        return new WasteEstimate(over(expected), over(expected - reach), over(expected + reach), weighings.size());
    }

    private static Share over(double ratio) {
        return new Share(Math.min(1, Math.max(0, ratio - 1)));
    }
}
