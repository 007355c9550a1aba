package fairember.core.daybook;

import java.util.List;

/**
 * How long a maker takes, against the one who logged most.
 *
 * @param maker 1 or 2
 * @param ratio of their minutes to the other's for the same work
 * @param logs it is learned from
 */
public record MakerPace(int maker, double ratio, int logs) {
    private static final RobustFit.Prior PRIOR =
            new RobustFit.Prior(RobustFit.vector(1), RobustFit.vector(0.25), 0.25, 4);

    /** Learned from the ratios of minutes taken to minutes expected. */
    static MakerPace of(int maker, List<Double> ratios) {
        List<RobustFit.Seen> seen = ratios.stream()
                .map(ratio -> new RobustFit.Seen(RobustFit.vector(1), ratio))
                .toList();
        double ratio = RobustFit.of(seen, PRIOR, fitted -> 1.0).theta().getEntry(0);
        return new MakerPace(maker, ratio, ratios.size());
    }
}
