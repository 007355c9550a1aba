package fairember.core.portion;

import fairember.core.measure.Mass;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * The share of a block that comes nearest to a portion: whole blocks, and one of n equal pieces got by halving and thirding.
 *
 * @param block mass of the block
 * @param whole blocks taken whole
 * @param pieces into how many equal pieces one more is cut, of which one is taken; 0 for none
 * @param error by which it is more than wanted, as a share of the wanted; negative when it is less
 */
public record BlockShare(Mass block, int whole, int pieces, double error) {
    /** Finer than this nobody cuts a block by eye. */
    static final int MOST_PIECES = 64;

    /**
     * The nearest share among several sizes of block; of two alike, the one with fewer cuts.
     *
     * @param blocks masses of blocks, at least one
     */
    public static BlockShare nearest(Mass wanted, List<Mass> blocks) {
        return blocks.stream()
                .flatMap(block -> candidates(wanted, block))
                .min(Comparator.comparingDouble((BlockShare share) -> Math.round(Math.abs(share.error()) * 1e6))
                        .thenComparingInt(BlockShare::cuts))
                .orElseThrow();
    }

    private static Stream<BlockShare> candidates(Mass wanted, Mass block) {
        int whole = (int) Math.floor(wanted.g() / block.g() + 1e-9);
        Stream<BlockShare> parts = IntStream.rangeClosed(2, MOST_PIECES)
                .filter(n -> halvedAndThirded(n) == 1)
                .mapToObj(n -> share(wanted, block, whole, n));
        return Stream.concat(
                parts, IntStream.of(whole, whole + 1).filter(w -> w > 0).mapToObj(w -> share(wanted, block, w, 0)));
    }

    private static BlockShare share(Mass wanted, Mass block, int whole, int pieces) {
        double got = block.g() * (whole + (pieces == 0 ? 0 : 1.0 / pieces));
        return new BlockShare(block, whole, pieces, wanted.g() == 0 ? 0 : got / wanted.g() - 1);
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
        return block.times(whole + (pieces == 0 ? 0 : 1.0 / pieces));
    }
}
