package fairember.core.stock;

import fairember.core.colour.Habit;
import fairember.core.colour.Pigment;
import fairember.core.measure.Mass;
import fairember.core.measure.Refused;
import fairember.core.measure.Span;
import fairember.core.measure.Words;
import java.util.Comparator;
import java.util.List;

/**
 * A clay on the shelf.
 *
 * @param id its number in the studio
 * @param name 1 to 60 characters
 * @param line it belongs to
 * @param pigment its colour
 * @param open grams in opened blocks, 0 to 20 000
 * @param blocks the sizes it is sold in, one to {@value #MOST_SIZES}, no two alike
 */
public record StockClay(long id, String name, ClayLine line, Pigment pigment, Mass open, List<BlockSize> blocks) {
    public static final Span OPEN = Span.of("openG", "opened", 0, 20_000, "g");
    static final int MOST_SIZES = 4;

    /**
     * A clay with at least one size of block.
     *
     * @throws Refused when the sizes are none, too many or twice the same
     */
    public StockClay {
        name = Words.name("name", name);
        OPEN.check(open.g());
        blocks = List.copyOf(blocks);
        long distinct =
                blocks.stream().map(block -> block.mass().g()).distinct().count();
        if (blocks.isEmpty() || blocks.size() > MOST_SIZES || distinct < blocks.size()) {
            throw new Refused(
                    "blocks",
                    blocks.size() + " sizes, " + distinct + " different",
                    "1 to " + MOST_SIZES + " different sizes",
                    "Give each size of block one line.");
        }
    }

    /** The same clay with what tiles have taught of it. */
    public StockClay taught(Habit habit) {
        return new StockClay(id, name, line, pigment.with(habit), open, blocks);
    }

    /** The size with the lowest price for a gram, the larger of two alike. */
    public BlockSize bestValue() {
        return blocks.stream()
                .min(Comparator.comparingDouble(BlockSize::minorPerGram)
                        .thenComparing(BlockSize::mass, Comparator.reverseOrder()))
                .orElseThrow();
    }

    /** All of it on the shelf, opened and not. */
    public Mass onShelf() {
        return new Mass(open.g()
                + blocks.stream().mapToDouble(b -> b.mass().g() * b.onShelf()).sum());
    }
}
