package fairember.core.quantity;

import fairember.core.input.Span;

/**
 * A temperature of the oven or the clay.
 *
 * @param c degrees Celsius, −40 to 400
 */
public record Temperature(double c) implements Comparable<Temperature> {
    public static final Span SPAN = Span.of("tempC", "temperature", -40, 400, "°C");

    public Temperature {
        SPAN.check(c);
    }

    @Override
    public int compareTo(Temperature other) {
        return Double.compare(c, other.c);
    }

    public Temperature least(Temperature other) {
        return compareTo(other) <= 0 ? this : other;
    }

    public Temperature greatest(Temperature other) {
        return compareTo(other) >= 0 ? this : other;
    }
}
