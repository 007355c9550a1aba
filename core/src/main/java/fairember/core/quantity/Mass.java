package fairember.core.quantity;

/**
 * A mass, never negative.
 *
 * @param g grams, finite, 0 or more
 */
public record Mass(double g) implements Comparable<Mass> {
    public static final Mass ZERO = new Mass(0);

    public Mass {
        Finite.notNegative("massG", g, "g");
    }

    public Mass plus(Mass other) {
        return new Mass(g + other.g);
    }

    public Mass times(double factor) {
        return new Mass(g * factor);
    }

    @Override
    public int compareTo(Mass other) {
        return Double.compare(g, other.g);
    }
}
