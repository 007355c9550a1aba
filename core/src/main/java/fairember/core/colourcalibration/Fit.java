package fairember.core.colourcalibration;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.CholeskyDecomposition;

/** What some tiles taught, how sure it is, and each tile judged by the others. */
final class Fit {
    private final List<ClayPrior> clays;
    private final List<TrialTile> learned;
    private final double[] guess;
    private final Landscape landscape;
    private final double[][] covariance;
    private final Map<TrialTile, LeaveOneOut> left = new HashMap<>();

    Fit(List<ClayPrior> clays, List<TrialTile> learned, double[] guess, Landscape landscape, double[][] covariance) {
        this.clays = clays;
        this.learned = learned;
        this.guess = guess;
        this.landscape = landscape;
        this.covariance = covariance;
    }

    static double[][] inverse(double[][] curvature) {
        return curvature.length == 0
                ? curvature
                : new CholeskyDecomposition(new Array2DRowRealMatrix(curvature, false), 1e-6, 0)
                        .getSolver()
                        .getInverse()
                        .getData();
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

    double covariance(int i, int j) {
        return covariance[i][j];
    }

    /** A tile judged by all others; one that did not teach, by all that did. */
    synchronized LeaveOneOut without(TrialTile tile) {
        return left.computeIfAbsent(
                tile,
                t -> LeaveOneOut.of(
                        clays, guess, covariance, t, learned.contains(t) ? TileLearning.weight(landscape, t) : 0));
    }

    double far(TrialTile tile) {
        return without(tile).far();
    }
}
