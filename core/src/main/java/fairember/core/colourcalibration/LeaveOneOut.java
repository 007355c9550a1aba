package fairember.core.colourcalibration;

import fairember.core.colour.Face;
import java.util.Arrays;
import java.util.List;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.LUDecomposition;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;

/**
 * What would be known without one tile, in one step from what is known with it, and how far the tile lies outside of that: its own
 * pull is taken out before it is judged, so that a wrong tile that bent all it touched does not look innocent.
 *
 * <pre>
 * H = J·C·Jᵀ·w                            (C the covariance with it, w its weight in the fit)
 * numbers without it = numbers + C·Jᵀ·w·(I − H)⁻¹·r
 * C without it = C + C·Jᵀ·w·(I − H)⁻¹·J·C
 * far = rᵀ·(I + J·C₋·Jᵀ)⁻¹·r / values     (r without it, in its own standard errors; 1 is usual)
 * </pre>
 *
 * The deletion formula of least squares (R. D. Cook and S. Weisberg, 1982).
 *
 * @param landscape of what is known without it
 * @param far how far it lies outside of what the others say, as a mean square of standard errors
 */
record LeaveOneOut(Landscape landscape, double far) {
    /**
     * @param with the landscape at {@code guess}
     * @param guess what is known with the tile
     * @param curvature of the cost there; its inverse is the covariance
     * @param weight of the tile in it, 0 to 1; 0 when it was left out already
     */
    static LeaveOneOut of(
            List<ClayPrior> clays, Landscape with, double[] guess, Curvature curvature, TrialTile tile, double weight) {
        int[] columns = with.columns(tile.parts());
        RealMatrix slopes = slopes(with, tile);
        RealMatrix known = new Array2DRowRealMatrix(curvature.covariances(columns, columns), false);
        RealMatrix here = slopes.multiply(known).multiply(slopes.transpose());
        RealMatrix one = MatrixUtils.createRealIdentityMatrix(slopes.getRowDimension());
        RealMatrix back = inverse(one.subtract(here.scalarMultiply(weight)));
        Landscape without = with;
        if (weight > 0) {
            RealVector pull = slopes.transpose()
                    .operate(back.operate(new ArrayRealVector(residual(with, tile))))
                    .mapMultiply(weight);
            int[] all = new int[guess.length];
            Arrays.setAll(all, i -> i);
            double[] moved = new ArrayRealVector(guess)
                    .add(new Array2DRowRealMatrix(curvature.covariances(all, columns), false).operate(pull))
                    .toArray();
            without = new Landscape(clays, moved);
        }
        RealMatrix unsure = one.add(here).add(here.multiply(back).multiply(here).scalarMultiply(weight));
        RealVector missed = new ArrayRealVector(residual(without, tile));
        return new LeaveOneOut(without, inverse(unsure).operate(missed).dotProduct(missed) / missed.getDimension());
    }

    /** All that was seen of a tile beside what is expected, in standard errors. */
    static double[] residual(Landscape at, TrialTile tile) {
        return Arrays.stream(Face.values())
                .flatMapToDouble(face -> tile.seen(face).stream()
                        .flatMapToDouble(lab ->
                                Arrays.stream(SeenAt.of(lab, tile.measured()).residual(at.colour(tile.parts(), face)))))
                .toArray();
    }

    private static RealMatrix slopes(Landscape at, TrialTile tile) {
        double[][] rows = Arrays.stream(Face.values())
                .flatMap(face -> tile.seen(face).stream()
                        .flatMap(lab -> Arrays.stream(at.slopes(tile.parts(), face, SeenAt.of(lab, tile.measured())))))
                .toArray(double[][]::new);
        return new Array2DRowRealMatrix(rows, false);
    }

    private static RealMatrix inverse(RealMatrix of) {
        return new LUDecomposition(of).getSolver().getInverse();
    }
}
