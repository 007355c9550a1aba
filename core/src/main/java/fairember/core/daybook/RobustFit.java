package fairember.core.daybook;

import java.util.List;
import java.util.function.DoubleUnaryOperator;
import org.hipparchus.distribution.continuous.TDistribution;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.CholeskyDecomposition;
import org.hipparchus.linear.DecompositionSolver;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;

/**
 * A line through observations that may hold an absurd one: y ≈ x·θ, none of θ negative, with normal priors on θ and noise of Student's
 * t with {@value #TAIL} degrees of freedom, fitted by iteratively reweighted least squares (Lange, Little and Taylor 1989).
 *
 * @param theta the fitted values
 * @param covariance of theta
 * @param sigma the noise, relative to what is fitted or absolute, as it was asked for
 * @param degrees of freedom that the noise is known with
 */
record RobustFit(RealVector theta, RealMatrix covariance, double sigma, double degrees) {
    private static final double TAIL = 4;
    private static final int ROUNDS = 40;
    /** What moves less stands still: minutes and shares are shown far coarser. */
    private static final double STILL = 1e-4;
    /** So much surer than it is of anything else that a value is nothing. */
    private static final double HOLD = 1e9;
    /** Four of five outcomes lie within: one tenth beyond each end. */
    private static final double BEYOND = 0.9;

    /**
     * What is thought before anything is observed.
     *
     * @param mean of theta
     * @param sd of theta, each more than 0
     * @param sigma noise
     * @param weight how many observations the noise is worth
     */
    record Prior(RealVector mean, RealVector sd, double sigma, double weight) {}

    /** An observation of y at x. */
    record Seen(RealVector x, double y) {}

    /** So many numbers. */
    static RealVector vector(double... values) {
        return new ArrayRealVector(values);
    }

    /**
     * Fits the line.
     *
     * @param size what noise of 1 is at a fitted value: the value itself where noise is relative, 1 where it is not
     */
    static RobustFit of(List<Seen> seen, Prior prior, DoubleUnaryOperator size) {
        RealVector theta = prior.mean();
        double sigma = prior.sigma();
        RealMatrix precision = Normal.of(seen, theta, sigma, prior, size).precision();
        for (int round = 0; round < ROUNDS; round++) {
            Normal normal = Normal.of(seen, theta, sigma, prior, size);
            RealVector next = normal.notNegative();
            precision = normal.precision();
            sigma = sigma(seen, next, sigma, prior, size);
            double moved = next.subtract(theta).getNorm();
            theta = next;
            if (moved < STILL) {
                break;
            }
        }
        return new RobustFit(theta, solver(precision).getInverse(), sigma, prior.weight() + seen.size());
    }

    private static DecompositionSolver solver(RealMatrix matrix) {
        return new CholeskyDecomposition(matrix).getSolver();
    }

    /** The normal equations of one round. */
    private record Normal(RealMatrix precision, RealVector right) {
        static Normal of(List<Seen> seen, RealVector theta, double sigma, Prior prior, DoubleUnaryOperator size) {
            RealVector own = prior.sd().map(sd -> 1 / (sd * sd));
            RealMatrix precision = MatrixUtils.createRealDiagonalMatrix(own.toArray());
            RealVector right = own.ebeMultiply(prior.mean());
            for (Seen one : seen) {
                double fitted = one.x().dotProduct(theta);
                double noise = sigma * size.applyAsDouble(fitted);
                double weight = trust((one.y() - fitted) / noise) / (noise * noise);
                precision = precision.add(one.x().outerProduct(one.x()).scalarMultiply(weight));
                right = right.add(one.x().mapMultiply(weight * one.y()));
            }
            return new Normal(precision, right);
        }

        /** The solution; what would be negative is held at nothing, and the others solved again. */
        RealVector notNegative() {
            RealVector free = solver(precision).solve(right);
            RealMatrix held = precision.copy();
            RealVector pulled = right.copy();
            for (int i = 0; i < free.getDimension(); i++) {
                if (free.getEntry(i) < 0) {
                    held.addToEntry(i, i, HOLD * held.getEntry(i, i));
                    pulled.setEntry(i, 0);
                }
            }
            return solver(held).solve(pulled).map(value -> Math.max(0, value));
        }
    }

    /** The weight of an observation so many times the noise away. */
    private static double trust(double away) {
        return (TAIL + 1) / (TAIL + away * away);
    }

    private static double sigma(
            List<Seen> seen, RealVector theta, double before, Prior prior, DoubleUnaryOperator size) {
        double sum = prior.weight() * prior.sigma() * prior.sigma();
        for (Seen one : seen) {
            double fitted = one.x().dotProduct(theta);
            double away = (one.y() - fitted) / size.applyAsDouble(fitted);
            sum += trust(away / before) * away * away;
        }
        return Math.sqrt(sum / (prior.weight() + seen.size()));
    }

    /**
     * How far the next outcome at x may lie from what is expected, either way, in four of five cases.
     *
     * @param size what noise of 1 is there
     */
    double reach(double size, RealVector x) {
        double known = x.dotProduct(covariance.operate(x));
        double quantile = new TDistribution(degrees).inverseCumulativeProbability(BEYOND);
        return quantile * Math.sqrt(known + sigma * sigma * size * size);
    }
}
