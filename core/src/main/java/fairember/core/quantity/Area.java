package fairember.core.quantity;

/**
 * A surface, never negative.
 *
 * @param mm2 square millimetres, finite, 0 or more
 */
public record Area(double mm2) implements Comparable<Area> {
    public static final Area ZERO = new Area(0);

    public Area {
        Finite.notNegative("areaMm2", mm2, "mm²");
    }

    public Area plus(Area other) {
        return new Area(mm2 + other.mm2);
    }

    public Area times(double factor) {
        return new Area(mm2 * factor);
    }

    @Override
    public int compareTo(Area other) {
        return Double.compare(mm2, other.mm2);
    }
}
