package fairember.core.quantity;

/**
 * A distance, never negative.
 *
 * @param mm millimetres, finite, 0 or more
 */
public record Length(double mm) implements Comparable<Length> {
    public static final Length ZERO = new Length(0);

    public Length {
        Finite.notNegative("lengthMm", mm, "mm");
    }

    public Length plus(Length other) {
        return new Length(mm + other.mm);
    }

    public Length greatest(Length other) {
        return compareTo(other) < 0 ? other : this;
    }

    public Length times(double factor) {
        return new Length(mm * factor);
    }

    @Override
    public int compareTo(Length other) {
        return Double.compare(mm, other.mm);
    }
}
