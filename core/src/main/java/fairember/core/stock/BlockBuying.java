package fairember.core.stock;

import fairember.core.quantity.Mass;
import fairember.core.quantity.Money;

/** Chooses the blocks to open and to buy. */
public final class BlockBuying {
    private BlockBuying() {}

    /**
     * Meets a need of one clay: opened blocks first, then blocks of the shelf with the least left over (of equal rest
     * the fewest), then blocks to buy at the least cost (of equal cost the least left over). The choice is exact among
     * the last dozen blocks; what goes before them is taken in blocks of the best value, or the largest on the shelf.
     * Of a clay that is not sold, what the shelf has not is missing.
     */
    public static BlockCover cover(StockClay clay, Mass needed) {
        double fromOpen = Math.min(clay.open().g(), needed.g());
        double missing = needed.g() - fromOpen;
        double sealed = clay.onShelf().g() - clay.open().g();
        BlockSearch open = BlockSearch.ofShelf(clay);
        BlockSearch buy = BlockSearch.ofShop(clay);
        if (missing <= sealed + BlockSearch.EPSILON_G) {
            open.cover(missing);
        } else {
            open.takeAll();
            if (clay.sold()) {
                buy.cover(missing - sealed);
            }
        }
        double left = clay.open().g() + open.grams() + buy.grams() - needed.g();
        return new BlockCover(
                needed,
                new Mass(fromOpen),
                open.chosen(),
                buy.chosen(),
                new Mass(Math.max(0, left)),
                new Mass(left < -BlockSearch.EPSILON_G ? -left : 0),
                new Money(buy.priceMinor()));
    }
}
