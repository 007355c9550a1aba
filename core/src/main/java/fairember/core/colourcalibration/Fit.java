package fairember.core.colourcalibration;

import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** What some tiles taught, how sure it is, and each tile judged by the others. */
final class Fit {
    private final List<ClayPrior> clays;
    private final List<TrialTile> learned;
    private final double[] guess;
    private final Landscape landscape;
    private final Curvature curvature;
    private final Map<TrialTile, LeaveOneOut> left = new HashMap<>();

    Fit(List<ClayPrior> clays, List<TrialTile> learned, double[] guess, Landscape landscape, Curvature curvature) {
        this.clays = clays;
        this.learned = learned;
        this.guess = guess;
        this.landscape = landscape;
        this.curvature = curvature;
    }

    List<ClayPrior> clays() {
        return clays;
    }

    /** The tiles it was learned from. */
    List<TrialTile> learned() {
        return learned;
    }

    Landscape landscape() {
        return landscape;
    }

    /** The covariance of these numbers, one row and one column for each. */
    double[][] covariances(int[] places) {
        return curvature.covariances(places, places);
    }

    /** A tile judged by all others; one that did not teach, by all that did. */
    synchronized LeaveOneOut without(TrialTile tile) {
        return left.computeIfAbsent(
                tile,
                t -> LeaveOneOut.of(
                        clays,
                        landscape,
                        guess,
                        curvature,
                        t,
                        learned.contains(t) ? TileLearning.weight(landscape, t) : 0));
    }

    double far(TrialTile tile) {
        return without(tile).far();
    }
}
