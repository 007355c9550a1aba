package fairember.core.quantity;

import fairember.core.input.InvalidInputException;
import java.math.BigDecimal;
import java.math.RoundingMode;

/**
 * An amount in the studio's one currency, kept whole.
 *
 * @param minor whole minor units (cents), −10¹² to 10¹²
 */
public record Money(long minor) implements Comparable<Money> {
    public static final Money ZERO = new Money(0);
    private static final long LIMIT = 1_000_000_000_000L;

    public Money {
        if (minor < -LIMIT || minor > LIMIT) {
            throw new InvalidInputException(
                    "priceMinor", minor + " minor units", "up to " + LIMIT, "Check the price and the counts.");
        }
    }

    public Money plus(Money other) {
        return new Money(Math.addExact(minor, other.minor));
    }

    public Money minus(Money other) {
        return new Money(Math.subtractExact(minor, other.minor));
    }

    /**
     * This amount times a factor, such as grams used over grams bought. The one place where money is rounded: half to
     * even, to a whole minor unit.
     */
    public Money times(double factor) {
        BigDecimal exact = BigDecimal.valueOf(minor).multiply(new BigDecimal(factor));
        BigDecimal limit = BigDecimal.valueOf(LIMIT);
        BigDecimal clamped = exact.min(limit).max(limit.negate());
        return new Money(clamped.setScale(0, RoundingMode.HALF_EVEN).longValueExact());
    }

    /** The least amount not below this one that is a whole number of {@code step}s; a step of zero changes nothing. */
    public Money roundedUpTo(Money step) {
        if (step.minor <= 0) {
            return this;
        }
        long steps = Math.floorDiv(Math.addExact(minor, step.minor - 1), step.minor);
        return new Money(Math.multiplyExact(steps, step.minor));
    }

    @Override
    public int compareTo(Money other) {
        return Long.compare(minor, other.minor);
    }
}
