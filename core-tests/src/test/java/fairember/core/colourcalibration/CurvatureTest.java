package fairember.core.colourcalibration;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import fairember.core.colour.Habit;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;
import org.testng.annotations.Test;

public class CurvatureTest {
    private static final int CLAYS = 6;
    private static final double DAMPING = 0.3;

    /** Two clays, three in a chain of two tiles, and one alone. */
    private static final List<int[]> TILES = List.of(new int[] {4, 1}, new int[] {0, 3}, new int[] {3, 5});

    @Test
    public void blockByBlockItIsSolvedAsAWhole() {
        int n = CLAYS * Habit.NUMBERS;
        Random random = new Random(8);
        RealMatrix whole = MatrixUtils.createRealIdentityMatrix(n);
        for (int[] tile : TILES) {
            double[] row = new double[n];
            for (int clay : tile) {
                Arrays.setAll(row, i -> i / Habit.NUMBERS == clay ? random.nextGaussian() : row[i]);
            }
            whole = whole.add(MatrixUtils.createColumnRealMatrix(row).multiply(MatrixUtils.createRowRealMatrix(row)));
        }
        List<int[]> blocks = Curvature.blocks(CLAYS, TILES);
        assertThat(blocks).extracting(block -> block.length / Habit.NUMBERS).containsExactlyInAnyOrder(2, 3, 1);
        Curvature curvature = new Curvature(whole.getData(), blocks);

        int[] all = IntStream.range(0, n).toArray();
        RealMatrix inverse = new Array2DRowRealMatrix(curvature.covariances(all, all));
        assertThat(inverse.subtract(MatrixUtils.inverse(whole)).getNorm1()).isCloseTo(0, within(1e-9));

        double[] slope = random.doubles(n).toArray();
        double[] move = curvature.solve(slope, DAMPING);
        for (int i = 0; i < n; i++) {
            whole.multiplyEntry(i, i, 1 + DAMPING);
        }
        assertThat(whole.operate(move)).containsExactly(slope, within(1e-9));
    }
}
