package fairember.core.stock;

import fairember.core.input.Span;
import fairember.core.quantity.Mass;
import fairember.core.quantity.Money;

/**
 * A size of block a clay is sold in, and how many unopened ones lie on the shelf.
 *
 * @param mass of clay in it, 5 to 5000 g
 * @param price of one
 * @param onShelf unopened, 0 to 999
 */
public record BlockSize(Mass mass, Money price, int onShelf) {
    public static final Span MASS = Span.of("massG", "block", 5, 5000, "g");
    public static final Span PRICE = Span.count("priceMinor", "price in minor units", 0, 100_000_000);
    public static final Span ON_SHELF = Span.count("onShelf", "on the shelf", 0, 999);

    public BlockSize {
        MASS.check(mass.g());
        PRICE.check((double) price.minor());
        ON_SHELF.check(onShelf);
    }

    /** Price of a gram, minor units. */
    public double minorPerGram() {
        return price.minor() / mass.g();
    }
}
