package fairember.core.colourcalibration;

import fairember.core.colour.Face;
import fairember.core.colour.Habit;
import fairember.core.colour.Lab;
import fairember.core.colour.PartsOfClay;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * Learns from trial tiles how each clay differs from its packet: least squares over all tiles and all swatches together, each
 * swatch being a tile of one clay, held back by what is likely (K. Levenberg, 1944, and D. Marquardt, 1963; P. J. Huber's loss,
 * 1964, over all that one tile says together).
 *
 * <pre>
 * minimise Σ n·ρ(size) + Σ (number/sd)²     size² = Σ residual²/n of a tile's n values, ρ(x) = x² to x = 2, then 4x − 4
 * sd: strength 0.5, raw bend 0.3, cured bend 0.15, cured strength 0.2; strength of the lightest opaque clay is held at 0
 * </pre>
 */
public final class TileLearning {
    private static final double STRENGTH_SD = 0.5;
    private static final double RAW_BEND_SD = 0.3;
    private static final double CURED_BEND_SD = 0.15;
    private static final double CURED_STRENGTH_SD = 0.2;
    private static final double FIXED_SD = 1e-4;
    private static final double HUBER = 2;
    /** Mean square of standard errors from which a tile is held back, and from which it is looked into. */
    private static final double FAR = 2.2;

    private static final double SUSPECT = 1.6;
    private static final int SUSPECTS = 3;
    /** No more than this share of all tiles is held back: then it is not the tiles that are wrong. */
    private static final double MOST_LEFT_OUT = 0.34;

    private static final double FIRST_DAMPING = 1e-2;
    private static final double EASE = 5;
    private static final double TIGHTEN = 4;
    private static final int MOST_STEPS = 40;
    private static final double ENOUGH = 1e-6;

    private final List<ClayPrior> clays;
    private final List<TrialTile> learned;
    /** The swatches, each as a tile of one clay, and the tiles. */
    private final List<TrialTile> sights = new ArrayList<>();

    private final double[] precision;
    private final List<int[]> blocks;

    private TileLearning(List<ClayPrior> clays, List<TrialTile> learned) {
        this.clays = clays;
        this.learned = learned;
        for (ClayPrior clay : clays) {
            Lab raw = Lab.of(clay.pigment().raw());
            Lab cured = Lab.of(clay.pigment().cured());
            List<PartsOfClay> alone = List.of(new PartsOfClay(clay.id(), 1));
            sights.add(new TrialTile(alone, Optional.of(raw), Optional.of(cured), clay.swatchMeasured()));
        }
        sights.addAll(learned);
        precision = precision(clays);
        Landscape places = new Landscape(clays, new double[precision.length]);
        blocks = Curvature.blocks(
                clays.size(),
                learned.stream()
                        .map(tile -> tile.parts().stream()
                                .mapToInt(part -> places.place(part.clayId()))
                                .toArray())
                        .toList());
    }

    /**
     * What the tiles teach. One that lies far outside of what all others say, and that the maker has not confirmed, is held back:
     * the furthest first, learning again without it, until none does; then each that fits after all is let in again.
     *
     * @param clays the clays of the studio, each number once
     * @param tiles any; those with a clay that is not among {@code clays} are left out
     */
    public static LearnedClays learn(List<ClayPrior> clays, List<TrialTile> tiles) {
        Landscape first = new Landscape(clays, new double[clays.size() * Habit.NUMBERS]);
        List<TrialTile> known =
                tiles.stream().filter(tile -> first.knows(tile.parts())).toList();
        return new LearnedClays(fitting(clays, known), known);
    }

    private static Fit fitting(List<ClayPrior> clays, List<TrialTile> known) {
        List<TrialTile> learned = new ArrayList<>(known);
        Fit fit = fit(clays, learned);
        List<TrialTile> leftOut = new ArrayList<>();
        while (leftOut.size() < known.size() * MOST_LEFT_OUT) {
            Optional<Fit> without = withoutTheFurthest(clays, learned, fit);
            if (without.isEmpty()) {
                break;
            }
            fit = without.get();
            leftOut.addAll(learned);
            leftOut.removeAll(fit.learned());
            learned = new ArrayList<>(fit.learned());
        }
        Fit last = fit;
        List<TrialTile> after = known.stream()
                .filter(tile -> last.learned().contains(tile) || last.far(tile) <= FAR)
                .toList();
        return after.size() == last.learned().size() ? last : fit(clays, after);
    }

    /** The fit without the tile that lies furthest outside of what the others say; nothing when none lies far. */
    private static Optional<Fit> withoutTheFurthest(List<ClayPrior> clays, List<TrialTile> learned, Fit fit) {
        record Left(TrialTile tile, Fit fit) {}
        return learned.stream()
                .filter(tile -> !tile.confirmed() && fit.far(tile) > SUSPECT)
                .sorted(Comparator.comparingDouble(fit::far).reversed())
                .limit(SUSPECTS)
                .map(tile -> new Left(
                        tile,
                        fit(clays, learned.stream().filter(t -> !t.equals(tile)).toList())))
                .filter(left -> left.fit().far(left.tile()) > FAR)
                .max(Comparator.comparingDouble(left -> left.fit().far(left.tile())))
                .map(Left::fit);
    }

    private static Fit fit(List<ClayPrior> clays, List<TrialTile> tiles) {
        return new TileLearning(clays, List.copyOf(tiles)).descend();
    }

    private static double[] precision(List<ClayPrior> clays) {
        int fixed = IntStream.range(0, clays.size())
                .filter(c -> clays.get(c).opaque())
                .boxed()
                .max(Comparator.comparingDouble(
                        c -> Lab.of(clays.get(c).pigment().raw()).l()))
                .orElse(-1);
        double[] precision = new double[clays.size() * Habit.NUMBERS];
        for (int i = 0; i < precision.length; i++) {
            int n = i % Habit.NUMBERS;
            double sd = n == 0
                    ? i / Habit.NUMBERS == fixed ? FIXED_SD : STRENGTH_SD
                    : n <= Habit.BUMPS ? RAW_BEND_SD : n < Habit.NUMBERS - 1 ? CURED_BEND_SD : CURED_STRENGTH_SD;
            precision[i] = 1 / (sd * sd);
        }
        return precision;
    }

    /** Where the descent ended. */
    private Fit descend() {
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
        return new Fit(clays, learned, guess, here, normal.curvature);
    }

    private double cost(Landscape at, double[] guess) {
        double cost = 0;
        for (TrialTile tile : sights) {
            double[] residual = LeaveOneOut.residual(at, tile);
            double size = size(residual);
            double loss = size <= HUBER ? size * size : 2 * HUBER * size - HUBER * HUBER;
            cost += residual.length * loss;
        }
        for (int i = 0; i < guess.length; i++) {
            cost += precision[i] * guess[i] * guess[i];
        }
        return cost;
    }

    /** Root of the mean square: 1 is usual. */
    private static double size(double[] residual) {
        double sum = 0;
        for (double x : residual) {
            sum += x * x;
        }
        return Math.sqrt(sum / residual.length);
    }

    /** What of a tile counts: all of it together, since a wrong ratio or a mistaken tile is wrong in all it says. */
    static double weight(Landscape at, TrialTile tile) {
        return Math.min(1, HUBER / Math.max(1e-12, size(LeaveOneOut.residual(at, tile))));
    }

    /** The curvature JᵀWJ + prior, and the slope of the cost. */
    private static final class Normal {
        final Curvature curvature;
        final double[] slope;

        Normal(Curvature curvature, double[] slope) {
            this.curvature = curvature;
            this.slope = slope;
        }

        double[] step(double[] guess, double damping) {
            double[] move = curvature.solve(slope, damping);
            double[] next = guess.clone();
            Arrays.setAll(next, i -> next[i] - move[i]);
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
        for (TrialTile tile : sights) {
            double weight = weight(at, tile);
            int[] columns = at.columns(tile.parts());
            for (Face face : Face.values()) {
                Optional<SeenAt> seen = tile.seen(face).map(lab -> SeenAt.of(lab, tile.measured()));
                if (seen.isPresent()) {
                    double[] residual = seen.get().residual(at.colour(tile.parts(), face));
                    double[][] slopes = at.slopes(tile.parts(), face, seen.get());
                    add(curvature, slope, columns, weight, residual, slopes);
                }
            }
        }
        return new Normal(new Curvature(curvature, blocks), slope);
    }

    private static void add(
            double[][] curvature, double[] slope, int[] columns, double weight, double[] residual, double[][] slopes) {
        for (int row = 0; row < residual.length; row++) {
            for (int i = 0; i < columns.length; i++) {
                double wi = weight * slopes[row][i];
                slope[columns[i]] += wi * residual[row];
                if (wi != 0) {
                    double[] into = curvature[columns[i]];
                    for (int j = 0; j < columns.length; j++) {
                        into[columns[j]] += wi * slopes[row][j];
                    }
                }
            }
        }
    }
}
