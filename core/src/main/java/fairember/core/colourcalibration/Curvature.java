package fairember.core.colourcalibration;

import fairember.core.colour.Habit;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.CholeskyDecomposition;
import org.hipparchus.linear.RealMatrix;

/**
 * The curvature of a fit's cost: how sharply the cost rises with the numbers of the clays. The matrix is symmetric; its inverse is
 * the covariance of those numbers. Clays that no chain of tiles connects do not affect each other, so the matrix consists of
 * blocks, and each block is solved by itself.
 */
final class Curvature {
    /** Largest relative difference of two entries that should be equal. */
    private static final double SYMMETRY = 1e-6;

    private final double[][] values;
    private final List<int[]> blocks;
    private final Map<Integer, CholeskyDecomposition> decomposed = new HashMap<>();
    private final Map<Integer, double[][]> covariances = new HashMap<>();

    /**
     * @param values n × n
     * @param blocks the places of each block among the n, in rising order; each place is in exactly one block
     */
    Curvature(double[][] values, List<int[]> blocks) {
        this.values = values;
        this.blocks = blocks;
    }

    /**
     * The blocks of clays that tiles connect, with sixteen numbers of each clay.
     *
     * @param count number of clays
     * @param together for each tile, the places of its clays
     */
    static List<int[]> blocks(int count, List<int[]> together) {
        int[] block = IntStream.range(0, count).toArray();
        for (int[] places : together) {
            for (int place : places) {
                int joined = block[place];
                int into = block[places[0]];
                Arrays.setAll(block, c -> block[c] == joined ? into : block[c]);
            }
        }
        return Arrays.stream(block)
                .distinct()
                .mapToObj(b -> IntStream.range(0, count * Habit.NUMBERS)
                        .filter(i -> block[i / Habit.NUMBERS] == b)
                        .toArray())
                .toList();
    }

    /** The step of a damped descent for this slope: the diagonal is increased by the share {@code damping}. */
    double[] solve(double[] slope, double damping) {
        double[] move = new double[slope.length];
        for (int[] block : blocks) {
            RealMatrix damped = block(block);
            for (int i = 0; i < block.length; i++) {
                damped.multiplyEntry(i, i, 1 + damping);
            }
            double[] right = IntStream.of(block).mapToDouble(i -> slope[i]).toArray();
            double[] solved = decomposed(damped)
                    .getSolver()
                    .solve(new ArrayRealVector(right, false))
                    .toArray();
            for (int i = 0; i < block.length; i++) {
                move[block[i]] = solved[i];
            }
        }
        return move;
    }

    /**
     * The covariance of some numbers with others. Calculated for one clay at a time when first needed: most fits need only a few.
     *
     * @return one row for each of {@code rows}, one column for each of {@code columns}
     */
    double[][] covariances(int[] rows, int[] columns) {
        double[][] part = new double[rows.length][columns.length];
        for (int j = 0; j < columns.length; j++) {
            double[] column = ofClay(columns[j] / Habit.NUMBERS)[columns[j] % Habit.NUMBERS];
            for (int i = 0; i < rows.length; i++) {
                part[i][j] = column[rows[i]];
            }
        }
        return part;
    }

    private synchronized double[][] ofClay(int clay) {
        return covariances.computeIfAbsent(clay, c -> {
            int at = IntStream.range(0, blocks.size())
                    .filter(b -> Arrays.binarySearch(blocks.get(b), c * Habit.NUMBERS) >= 0)
                    .findFirst()
                    .orElseThrow();
            int[] block = blocks.get(at);
            int first = Arrays.binarySearch(block, c * Habit.NUMBERS);
            RealMatrix own = new Array2DRowRealMatrix(block.length, Habit.NUMBERS);
            for (int n = 0; n < Habit.NUMBERS; n++) {
                own.setEntry(first + n, n, 1);
            }
            RealMatrix solved = decomposed
                    .computeIfAbsent(at, b -> decomposed(block(block)))
                    .getSolver()
                    .solve(own);
            double[][] columns = new double[Habit.NUMBERS][values.length];
            for (int n = 0; n < Habit.NUMBERS; n++) {
                for (int i = 0; i < block.length; i++) {
                    columns[n][block[i]] = solved.getEntry(i, n);
                }
            }
            return columns;
        });
    }

    private RealMatrix block(int[] block) {
        double[][] part = new double[block.length][block.length];
        for (int i = 0; i < block.length; i++) {
            for (int j = 0; j < block.length; j++) {
                part[i][j] = values[block[i]][block[j]];
            }
        }
        return new Array2DRowRealMatrix(part, false);
    }

    private static CholeskyDecomposition decomposed(RealMatrix of) {
        return new CholeskyDecomposition(of, SYMMETRY, 0);
    }
}
