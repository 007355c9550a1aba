package fairember.core.mix;

import fairember.core.colour.Effect;
import fairember.core.document.Name;
import fairember.core.input.Gathering;
import fairember.core.input.Span;
import fairember.core.input.Words;
import fairember.core.quantity.Mass;
import fairember.core.quantity.Money;
import fairember.core.quantity.Share;
import fairember.core.stock.BlockSize;

/**
 * Something added to the clay before it is baked: mica powder, glitter, beads, dried bits of plants. It is weighed and paid
 * for, and said of the mix; its colour is not predicted.
 *
 * @param name 1 to 60 characters
 * @param percent its weight of the clay's, over 0 to 60 %
 * @param effect what it does that an even colour cannot show
 * @param price of 100 g
 */
public record Inclusion(@Name String name, double percent, Effect effect, Money price) {
    public static final Span PERCENT = Span.of("percent", "addition", 0.01, 60, "%");
    public static final Span PRICE = Span.count("priceMinor", "price per 100 g in minor units", 0, 1_000_000);
    private static final double PRICED_G = 100;

    /**
     * An inclusion that can be added.
     *
     * @throws fairember.core.input.InvalidInputException with everything that is wrong
     */
    public Inclusion {
        Gathering g = new Gathering();
        String given = name;
        g.at("", () -> Words.name("name", given));
        g.within(PERCENT, percent);
        g.within(PRICE, (double) price.minor());
        g.orRefuse();
        name = given.strip();
    }

    public Inclusion(String name, Share ofClay, Effect effect, Money price) {
        this(name, ofClay.percent(), effect, price);
    }

    /** Its weight as a share of the clay's. */
    public Share ofClay() {
        return Share.ofPercent(percent);
    }

    /** The amount its price is of, as a size that is bought. */
    public BlockSize priced() {
        return new BlockSize(new Mass(PRICED_G), price, 0);
    }

    /** Price of a gram, minor units. */
    public double minorPerGram() {
        return price.minor() / PRICED_G;
    }
}
