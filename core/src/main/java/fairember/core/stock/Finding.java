package fairember.core.stock;

import fairember.core.document.Default;
import fairember.core.document.Name;
import fairember.core.document.SavedUnder;
import fairember.core.input.Span;
import fairember.core.input.Words;
import fairember.core.quantity.Mass;
import fairember.core.quantity.Money;

/**
 * Bought hardware that is fitted to a design: a ring, pin, hook or cord.
 *
 * @param id its number in the studio
 * @param name 1 to 60 characters
 * @param price of one
 * @param onShelf how many lie ready, 0 to 99 999
 * @param mass of one, 0 to 500 g
 * @param leadDays days from the order until they are there
 * @param keep how many are to stay on the shelf at least
 * @param pack how many are in a pack, 1 to 10 000
 */
public record Finding(
        @SavedUnder long id,
        @Name String name,
        Money price,
        int onShelf,
        Mass mass,
        @Default("0") int leadDays,
        @Default("0") int keep,
        @Default("1") int pack) {
    public static final Span PRICE = BlockSize.PRICE;
    public static final Span ON_SHELF = Span.count("onShelf", "on the shelf", 0, 99_999);
    public static final Span MASS = Span.of("massG", "weight of one", 0, 500, "g");

    public static final Span LEAD_DAYS = Supply.LEAD_DAYS;
    public static final Span KEEP = Span.count("keep", "keep at least", 0, 99_999);
    public static final Span PACK = Span.count("pack", "in a pack", 1, 10_000);

    /** One that is sold by the piece and there at once, and of which none has to stay. */
    public Finding(long id, String name, Money price, int onShelf, Mass mass) {
        this(id, name, price, onShelf, mass, 0, 0, 1);
    }

    /** What is left when so many were used, never less than none. */
    public Finding without(int used) {
        return new Finding(id, name, price, Math.max(0, onShelf - used), mass, leadDays, keep, pack);
    }

    /** Whole packs to buy so that there are at least so many. */
    public int packsFor(int wanted) {
        return Math.max(0, (wanted - onShelf + pack - 1) / pack);
    }

    public Finding {
        name = Words.name("name", name);
        PRICE.check((double) price.minor());
        ON_SHELF.check(onShelf);
        MASS.check(mass.g());
        LEAD_DAYS.check((double) leadDays);
        KEEP.check((double) keep);
        PACK.check((double) pack);
    }
}
