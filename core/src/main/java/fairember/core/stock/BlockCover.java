package fairember.core.stock;

import fairember.core.quantity.Mass;
import fairember.core.quantity.Money;
import java.util.List;

/**
 * How a need of one clay is met.
 *
 * @param needed grams wanted
 * @param fromOpen grams taken from opened blocks
 * @param open unopened blocks of the shelf to open
 * @param buy blocks to buy
 * @param left grams left over in opened blocks afterwards
 * @param missing grams that cannot be had, because the clay is not sold any more
 * @param cost of the blocks to buy
 */
public record BlockCover(
        Mass needed, Mass fromOpen, List<Blocks> open, List<Blocks> buy, Mass left, Mass missing, Money cost) {
    public BlockCover {
        open = List.copyOf(open);
        buy = List.copyOf(buy);
    }

    /**
     * A number of blocks of a size.
     *
     * @param mass of one
     * @param count of them, 1 or more
     */
    public record Blocks(Mass mass, int count) {}
}
