package fairember.core.stock;

import fairember.core.quantity.Mass;
import fairember.core.quantity.Minutes;

/**
 * What a clay takes beyond usual conditioning.
 *
 * @param condition how it takes being conditioned
 * @param each100 minutes more that 100 g take
 */
public record Conditioning(ClayCondition condition, Minutes each100) {
    /** As any clay takes it. */
    public static final Conditioning USUAL = new Conditioning(ClayCondition.USUAL, Minutes.ZERO);

    private static final double GRAMS = 100;

    /** Minutes more that so much of it takes. */
    public Minutes of(Mass grams) {
        return each100.times(grams.g() / GRAMS);
    }
}
