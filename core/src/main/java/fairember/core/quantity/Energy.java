package fairember.core.quantity;

/**
 * Electric energy, never negative.
 *
 * @param kwh kilowatt-hours, finite, 0 or more
 */
public record Energy(double kwh) implements Comparable<Energy> {
    public static final Energy ZERO = new Energy(0);

    public Energy {
        Finite.notNegative("energyKwh", kwh, "kWh");
    }

    public Energy plus(Energy other) {
        return new Energy(kwh + other.kwh);
    }

    public Energy times(double factor) {
        return new Energy(kwh * factor);
    }

    @Override
    public int compareTo(Energy other) {
        return Double.compare(kwh, other.kwh);
    }
}
