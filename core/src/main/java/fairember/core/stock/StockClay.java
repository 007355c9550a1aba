package fairember.core.stock;

import fairember.core.colour.Habit;
import fairember.core.colour.Pigment;
import fairember.core.input.Gathering;
import fairember.core.input.Span;
import fairember.core.input.Words;
import fairember.core.quantity.Mass;
import fairember.core.quantity.Money;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A clay on the shelf. One that is not sold any more, or never was, such as a lump whose recipe nobody knows, can be used up but
 * not bought.
 *
 * @param id its number in the studio
 * @param name 1 to 60 characters
 * @param range it belongs to
 * @param pigment its colour, of the lot in use
 * @param open grams in opened blocks, 0 to 20 000
 * @param blocks the sizes it is sold in, one to {@value #MOST_SIZES}, no two alike; none is fine when it is not sold
 * @param sold whether more of it can be bought
 * @param lot the lot in use, when it differs from what the clay usually is
 * @param dripped what a drop of it weighs, when it is a liquid: liquid clay, varnish, paint
 * @param conditioning what it takes beyond usual conditioning
 */
public record StockClay(
        long id,
        String name,
        ClayRange range,
        Pigment pigment,
        Mass open,
        List<BlockSize> blocks,
        boolean sold,
        @Nullable Lot lot,
        @Nullable Mass dripped,
        Conditioning conditioning) {
    public static final Span OPEN = Span.of("openG", "opened", 0, 20_000, "g");
    /** A drop of a liquid clay, a varnish or a paint. */
    public static final Span DROP = Span.of("dropG", "a drop", 0.005, 0.5, "g");
    /** A drop from a common dropper, when nobody has weighed twenty of them; 0.02 to 0.06 g are met. */
    public static final double USUAL_DROP_G = 0.04;

    static final int MOST_SIZES = 4;
    /** What a gram of something that cannot be bought costs: it is in the house already. */
    private static final BlockSize PAID = new BlockSize(new Mass(100), Money.ZERO, 0);

    /** A clay that is sold, of no lot of its own. */
    public StockClay(long id, String name, ClayRange range, Pigment pigment, Mass open, List<BlockSize> blocks) {
        this(id, name, range, pigment, open, blocks, true, null, null, Conditioning.USUAL);
    }

    /**
     * A clay with at least one size of block, when it is sold.
     *
     * @throws fairember.core.input.InvalidInputException when the sizes are none, too many or twice the same
     */
    public StockClay {
        name = Words.name("name", name);
        OPEN.check(open.g());
        if (dripped != null) {
            DROP.check(dripped.g());
        }
        blocks = List.copyOf(blocks);
        Gathering g = new Gathering();
        sizes(g, blocks, sold);
        g.orRefuse();
    }

    /** Notes sizes that are none, too many or twice the same. */
    static void sizes(Gathering g, List<BlockSize> blocks, boolean sold) {
        long distinct =
                blocks.stream().map(block -> block.mass().g()).distinct().count();
        if ((sold && blocks.isEmpty()) || blocks.size() > MOST_SIZES || distinct < blocks.size()) {
            g.error(
                    "blocks",
                    blocks.size() + " sizes, " + distinct + " different",
                    "1 to " + MOST_SIZES + " different sizes",
                    "Give each size of block one line, or turn off 'still sold'.");
        }
    }

    /**
     * What is left of it when so many grams are used: opened clay first, then the blocks that leave the least over, and never less than
     * nothing.
     */
    public StockClay without(Mass used) {
        BlockCover cover =
                BlockBuying.cover(this, new Mass(Math.min(used.g(), onShelf().g())));
        List<BlockSize> left = blocks.stream()
                .map(size -> new BlockSize(size.mass(), size.price(), size.onShelf() - opened(cover, size)))
                .toList();
        return new StockClay(id, name, range, pigment, cover.left(), left, sold, lot, dripped, conditioning);
    }

    private static int opened(BlockCover cover, BlockSize size) {
        return cover.open().stream()
                .filter(blocks -> blocks.mass().equals(size.mass()))
                .mapToInt(BlockCover.Blocks::count)
                .sum();
    }

    /** The same clay with what tiles have taught of it; the same goes for all its lots. */
    public StockClay learned(Habit habit) {
        Lot learned = lot == null ? null : new Lot(lot.name(), lot.usual().with(habit));
        return new StockClay(id, name, range, pigment.with(habit), open, blocks, sold, learned, dripped, conditioning);
    }

    /** The same clay of another range. */
    public StockClay of(ClayRange other) {
        return new StockClay(id, name, other, pigment, open, blocks, sold, lot, dripped, conditioning);
    }

    /** The same clay where its blocks cost so many times as much. */
    public StockClay priced(double factor) {
        List<BlockSize> dearer = blocks.stream()
                .map(block -> new BlockSize(block.mass(), block.price().times(factor), block.onShelf()))
                .toList();
        return new StockClay(id, name, range, pigment, open, dearer, sold, lot, dripped, conditioning);
    }

    /** Whether it is counted in drops, and mixed with liquids only. */
    public boolean liquid() {
        return dripped != null;
    }

    /** What a drop of it weighs, or would. */
    public Mass drop() {
        return dripped == null ? new Mass(USUAL_DROP_G) : dripped;
    }

    /** How the clay usually looks, whichever lot is in use. */
    public Pigment usual() {
        return lot == null ? pigment : lot.usual();
    }

    /** The size with the lowest price for a gram, the larger of two alike; one that costs nothing when there is no size. */
    public BlockSize bestValue() {
        return blocks.stream()
                .min(Comparator.comparingDouble(BlockSize::minorPerGram)
                        .thenComparing(BlockSize::mass, Comparator.reverseOrder()))
                .orElse(PAID);
    }

    /** All of it on the shelf, opened and not. */
    public Mass onShelf() {
        return new Mass(open.g()
                + blocks.stream().mapToDouble(b -> b.mass().g() * b.onShelf()).sum());
    }
}
