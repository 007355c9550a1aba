package fairember.core.ovenload;

import fairember.core.input.InvalidInputException;
import fairember.core.quantity.Minutes;

/**
 * A stretch of time, counted from the zero of a plan.
 *
 * @param from its first moment
 * @param to its last, after {@code from}
 */
public record Stretch(Minutes from, Minutes to) {
    /**
     * A stretch that lasts.
     *
     * @throws InvalidInputException when it ends before it begins
     */
    public Stretch {
        if (to.compareTo(from) <= 0) {
            throw new InvalidInputException(
                    "toMin", to.min() + " min", "after " + from.min() + " min", "Make the hours end after they begin.");
        }
    }

    /** From and to in minutes. */
    public static Stretch ofMinutes(double from, double to) {
        return new Stretch(new Minutes(from), new Minutes(to));
    }
}
