package fairember.core.wire;

import fairember.core.document.InUnit;
import fairember.core.document.Name;
import fairember.core.input.Span;
import fairember.core.input.Words;
import fairember.core.quantity.Length;
import fairember.core.quantity.Money;

/**
 * Coils of one wire on the shelf.
 *
 * @param name 1 to 60 characters
 * @param gauge of the wire
 * @param metal it is drawn of
 * @param length on one coil, 0.05 to 500 m
 * @param onShelf how many coils there are, 0 to 500
 * @param price of one
 */
public record WireCoil(
        @Name String name,
        Gauge gauge,
        Metal metal,
        @InUnit("M") Length length,
        int onShelf,
        Money price) {
    public static final Span GAUGE = Gauge.SPAN;
    public static final Span LENGTH = Span.of("lengthM", "wire on a coil", 0.05, 500, "m");
    public static final Span ON_SHELF = Span.count("onShelf", "coils", 0, 500);
    public static final Span PRICE = Span.count("priceMinor", "price of a coil", 0, 1_000_000);
    /** Wires this near in thickness are the same wire. */
    private static final double SAME_MM = 0.03;

    private static final String REST = "Rest of ";

    /** A shorter rest is thrown away. */
    public static final double LEAST_REST_MM = 150;

    public WireCoil {
        name = Words.name("name", name);
        LENGTH.check(length.mm() / 1000);
        ON_SHELF.check(onShelf);
        PRICE.check((double) price.minor());
    }

    /** With so many coils fewer, never less than none. */
    public WireCoil without(int coils) {
        return new WireCoil(name, gauge, metal, length, Math.max(0, onShelf - coils), price);
    }

    /** A coil that was cut into, with what is left on it. */
    public WireCoil rest(Length left) {
        String of = name.startsWith(REST) ? name : Words.shortened(REST + name);
        return new WireCoil(of, gauge, metal, left, 1, Money.ZERO);
    }

    /** Whether such wire can be cut from it. */
    public boolean holds(Gauge wanted, Metal of) {
        return of == metal && Math.abs(wanted.mm() - gauge.mm()) <= SAME_MM;
    }
}
