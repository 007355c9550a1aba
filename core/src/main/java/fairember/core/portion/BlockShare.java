package fairember.core.portion;

import fairember.core.quantity.Mass;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * A share of a block that a hand can cut and that comes near to a portion: whole blocks, and some of n equal pieces got by
 * halving and thirding one more.
 *
 * @param block mass of the block
 * @param whole blocks taken whole
 * @param taken of the equal pieces; 0 for none
 * @param pieces into how many equal pieces one more is cut; 0 for none
 * @param error by which it is more than wanted, as a share of the wanted; negative when it is less
 */
public record BlockShare(Mass block, int whole, int taken, int pieces, double error) {
    /** A share that is farther off than this is no share worth cutting. */
    public static final double MOST_ERROR = 0.03;

    /** Finer than this nobody cuts a block by eye. */
    static final int MOST_PIECES = 64;

    /** Smaller pieces than this, in grams, nobody cuts evenly by eye. */
    static final double LEAST_G = 1;

    /** Of a number of pieces more than one is taken; of more, who would count. */
    private static final int MOST_COUNTED = 16;

    /**
     * The share that takes the fewest cuts among those within {@link #MOST_ERROR}, of several sizes of block; of two alike,
     * the nearer one.
     *
     * @param blocks masses of blocks
     * @return empty when no share a hand can cut is near enough
     */
    public static Optional<BlockShare> nearest(Mass wanted, List<Mass> blocks) {
        return blocks.stream()
                .flatMap(block -> candidates(wanted, block))
                .filter(share -> Math.abs(share.error()) <= MOST_ERROR)
                .min(Comparator.comparingInt(BlockShare::cuts)
                        .thenComparingDouble(share -> Math.round(Math.abs(share.error()) * 1e6)));
    }

    private static Stream<BlockShare> candidates(Mass wanted, Mass block) {
        int whole = (int) Math.floor(wanted.g() / block.g() + 1e-9);
        Stream<BlockShare> parts = IntStream.rangeClosed(2, MOST_PIECES)
                .filter(n -> halvedAndThirded(n) == 1 && block.g() / n >= LEAST_G)
                .boxed()
                .flatMap(n -> IntStream.rangeClosed(1, n <= MOST_COUNTED ? n - 1 : 1)
                        .mapToObj(k -> share(wanted, block, whole, k, n)));
        Stream<BlockShare> wholes =
                IntStream.of(whole, whole + 1).filter(w -> w > 0).mapToObj(w -> share(wanted, block, w, 0, 0));
        return Stream.concat(wholes, parts);
    }

    private static BlockShare share(Mass wanted, Mass block, int whole, int taken, int pieces) {
        double got = block.g() * (whole + (pieces == 0 ? 0 : (double) taken / pieces));
        return new BlockShare(block, whole, taken, pieces, wanted.g() == 0 ? 0 : got / wanted.g() - 1);
    }

    /** What is left of n when all halves and at most two thirds are taken out: 1 when it can be cut so. */
    private static int halvedAndThirded(int n) {
        int rest = n >> Integer.numberOfTrailingZeros(n);
        for (int i = 0; i < 2 && rest % 3 == 0; i++) {
            rest /= 3;
        }
        return rest;
    }

    /** How often it is halved. */
    public int halvings() {
        return pieces == 0 ? 0 : Integer.numberOfTrailingZeros(pieces);
    }

    /** How often it is cut in three. */
    public int thirdings() {
        int odd = pieces == 0 ? 1 : pieces >> halvings();
        return odd == 9 ? 2 : odd == 3 ? 1 : 0;
    }

    /** Strokes of the blade along one line of pieces: one for a half, two for a third. */
    public int cuts() {
        return halvings() + 2 * thirdings();
    }

    public Mass mass() {
        return block.times(whole + (pieces == 0 ? 0 : (double) taken / pieces));
    }
}
