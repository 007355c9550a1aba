package fairember.core.quantity;

/**
 * A stretch of time, never negative.
 *
 * @param min minutes, finite, 0 or more
 */
public record Minutes(double min) implements Comparable<Minutes> {
    public static final Minutes ZERO = new Minutes(0);

    public Minutes {
        Finite.notNegative("minutesMin", min, "min");
    }

    public Minutes plus(Minutes other) {
        return new Minutes(min + other.min);
    }

    public Minutes times(double factor) {
        return new Minutes(min * factor);
    }

    @Override
    public int compareTo(Minutes other) {
        return Double.compare(min, other.min);
    }
}
