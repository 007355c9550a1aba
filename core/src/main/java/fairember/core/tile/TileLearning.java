package fairember.core.tile;

import fairember.core.colour.Face;
import fairember.core.colour.Habit;
import fairember.core.colour.Lab;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.CholeskyDecomposition;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;

/**
 * Learns from trial tiles how each clay differs from its packet: least squares over all tiles and all swatches together, each
 * swatch being a tile of one clay, held back by what is likely (K. Levenberg, 1944, and D. Marquardt, 1963; P. J. Huber's loss,
 * 1964, so that one wrong tile does not spoil the rest).
 *
 * <pre>
 * minimise Σ ρ(residual) + Σ (number/sd)²     ρ(x) = x² to |x| = 2, then 4|x| − 4
 * sd: strength 0.5, raw bend 0.3, cured bend 0.15, cured strength 0.2; strength of the lightest opaque clay is held at 0
 * </pre>
 */
public final class TileLearning {
    private static final double STRENGTH_SD = 0.5;
    private static final double RAW_BEND_SD = 0.3;
    private static final double CURED_BEND_SD = 0.15;
    private static final double CURED_STRENGTH_SD = 0.2;
    private static final double HELD_SD = 1e-4;
    private static final double HUBER = 2;
    private static final double FIRST_DAMPING = 1e-2;
    private static final double EASE = 5;
    private static final double TIGHTEN = 4;
    private static final int MOST_STEPS = 40;
    private static final double ENOUGH = 1e-6;

    private final List<TaughtClay> clays;
    private final List<Sight> sights = new ArrayList<>();
    private final double[] precision;

    /** One look at one tile. */
    private record Sight(List<TrialTile.ClayParts> parts, Face face, SeenAt at) {}

    private TileLearning(List<TaughtClay> clays, List<TrialTile> tiles) {
        this.clays = clays;
        for (TaughtClay clay : clays) {
            for (Face face : Face.values()) {
                Lab swatch = Lab.of(
                        face == Face.RAW ? clay.pigment().raw() : clay.pigment().cured());
                List<TrialTile.ClayParts> alone = List.of(new TrialTile.ClayParts(clay.id(), 1));
                sights.add(new Sight(alone, face, SeenAt.of(swatch, clay.swatchMeasured())));
            }
        }
        for (TrialTile tile : tiles) {
            for (Face face : Face.values()) {
                tile.seen(face)
                        .ifPresent(lab -> sights.add(new Sight(tile.parts(), face, SeenAt.of(lab, tile.measured()))));
            }
        }
        precision = precision(clays);
    }

    /**
     * What the tiles teach.
     *
     * @param clays the clays of the studio, each number once
     * @param tiles any; those with a clay that is not among {@code clays} are left out
     */
    public static LearnedClays learn(List<TaughtClay> clays, List<TrialTile> tiles) {
        Landscape first = new Landscape(clays, new double[clays.size() * Habit.NUMBERS]);
        List<TrialTile> known =
                tiles.stream().filter(tile -> first.knows(tile.parts())).toList();
        return new TileLearning(clays, known).descend(known);
    }

    private static double[] precision(List<TaughtClay> clays) {
        int held = IntStream.range(0, clays.size())
                .filter(c -> clays.get(c).opaque())
                .boxed()
                .max(Comparator.comparingDouble(
                        c -> Lab.of(clays.get(c).pigment().raw()).l()))
                .orElse(-1);
        double[] precision = new double[clays.size() * Habit.NUMBERS];
        for (int i = 0; i < precision.length; i++) {
            int n = i % Habit.NUMBERS;
            double sd = n == 0
                    ? i / Habit.NUMBERS == held ? HELD_SD : STRENGTH_SD
                    : n <= Habit.BUMPS ? RAW_BEND_SD : n < Habit.NUMBERS - 1 ? CURED_BEND_SD : CURED_STRENGTH_SD;
            precision[i] = 1 / (sd * sd);
        }
        return precision;
    }

    private LearnedClays descend(List<TrialTile> tiles) {
        double[] guess = new double[precision.length];
        Landscape here = new Landscape(clays, guess);
        double cost = cost(here, guess);
        double damping = FIRST_DAMPING;
        Normal normal = normal(here, guess);
        for (int step = 0; step < MOST_STEPS && guess.length > 0; step++) {
            double[] next = normal.step(guess, damping);
            Landscape there = new Landscape(clays, next);
            double nextCost = cost(there, next);
            if (nextCost < cost) {
                boolean done = cost - nextCost < ENOUGH * cost;
                here = there;
                guess = next;
                cost = nextCost;
                normal = normal(here, guess);
                damping /= EASE;
                if (done) {
                    break;
                }
            } else if (damping > 1e8) {
                break;
            } else {
                damping *= TIGHTEN;
            }
        }
        return new LearnedClays(clays, tiles, here, normal.curvature);
    }

    private double cost(Landscape at, double[] guess) {
        double cost = 0;
        for (Sight sight : sights) {
            for (double x : sight.at().residual(at.colour(sight.parts(), sight.face()))) {
                double size = Math.abs(x);
                cost += size <= HUBER ? x * x : 2 * HUBER * size - HUBER * HUBER;
            }
        }
        for (int i = 0; i < guess.length; i++) {
            cost += precision[i] * guess[i] * guess[i];
        }
        return cost;
    }

    /** The curvature JᵀWJ + prior, and the slope of the cost. */
    private static final class Normal {
        final double[][] curvature;
        final double[] slope;

        Normal(double[][] curvature, double[] slope) {
            this.curvature = curvature;
            this.slope = slope;
        }

        double[] step(double[] guess, double damping) {
            int n = guess.length;
            RealMatrix damped = new Array2DRowRealMatrix(curvature);
            for (int i = 0; i < n; i++) {
                damped.multiplyEntry(i, i, 1 + damping);
            }
            RealVector move =
                    new CholeskyDecomposition(damped, 1e-9, 0).getSolver().solve(new ArrayRealVector(slope));
            double[] next = guess.clone();
            for (int i = 0; i < n; i++) {
                next[i] -= move.getEntry(i);
            }
            return next;
        }
    }

    private Normal normal(Landscape at, double[] guess) {
        int n = guess.length;
        double[][] curvature = new double[n][n];
        double[] slope = new double[n];
        for (int i = 0; i < n; i++) {
            curvature[i][i] = precision[i];
            slope[i] = precision[i] * guess[i];
        }
        for (Sight sight : sights) {
            double[] residual = sight.at().residual(at.colour(sight.parts(), sight.face()));
            double[][] slopes = at.slopes(sight.parts(), sight.face(), sight.at());
            int[] columns = at.columns(sight.parts());
            for (int row = 0; row < residual.length; row++) {
                double weight = Math.min(1, HUBER / Math.max(1e-12, Math.abs(residual[row])));
                for (int i = 0; i < columns.length; i++) {
                    double wi = weight * slopes[row][i];
                    slope[columns[i]] += wi * residual[row];
                    for (int j = 0; j < columns.length; j++) {
                        curvature[columns[i]][columns[j]] += wi * slopes[row][j];
                    }
                }
            }
        }
        return new Normal(curvature, slope);
    }
}
