package fairember.core.colourcalibration;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.CholeskyDecomposition;
import org.jspecify.annotations.Nullable;

/** What some tiles taught, how sure it is, and each tile judged by the others. */
final class Fit {
    private final List<ClayPrior> clays;
    private final List<TrialTile> learned;
    private final double[] guess;
    private final Landscape landscape;
    private final double[][] curvature;
    private final Map<TrialTile, LeaveOneOut> left = new HashMap<>();
    private double @Nullable [][] covariance;

    Fit(List<ClayPrior> clays, List<TrialTile> learned, double[] guess, Landscape landscape, double[][] curvature) {
        this.clays = clays;
        this.learned = learned;
        this.guess = guess;
        this.landscape = landscape;
        this.curvature = curvature;
    }

    /** How sure it is: the inverse of the curvature. Most fits are tried and never asked. */
    private synchronized double[][] covariance() {
        double[][] known = covariance;
        if (known == null) {
            known = curvature.length == 0
                    ? curvature
                    : new CholeskyDecomposition(new Array2DRowRealMatrix(curvature, false), 1e-6, 0)
                            .getSolver()
                            .getInverse()
                            .getData();
            covariance = known;
        }
        return known;
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
        return covariance()[i][j];
    }

    /** A tile judged by all others; one that did not teach, by all that did. */
    synchronized LeaveOneOut without(TrialTile tile) {
        return left.computeIfAbsent(
                tile,
                t -> LeaveOneOut.of(
                        clays,
                        landscape,
                        guess,
                        covariance(),
                        t,
                        learned.contains(t) ? TileLearning.weight(landscape, t) : 0));
    }

    double far(TrialTile tile) {
        return without(tile).far();
    }
}
