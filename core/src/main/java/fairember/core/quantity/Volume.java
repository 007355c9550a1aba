package fairember.core.quantity;

/**
 * A volume, never negative.
 *
 * @param mm3 cubic millimetres, finite, 0 or more
 */
public record Volume(double mm3) implements Comparable<Volume> {
    public static final Volume ZERO = new Volume(0);

    public Volume {
        Finite.notNegative("volumeMm3", mm3, "mm³");
    }

    public Volume plus(Volume other) {
        return new Volume(mm3 + other.mm3);
    }

    public Volume times(double factor) {
        return new Volume(mm3 * factor);
    }

    @Override
    public int compareTo(Volume other) {
        return Double.compare(mm3, other.mm3);
    }
}
