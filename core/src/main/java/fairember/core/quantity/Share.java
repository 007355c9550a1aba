package fairember.core.quantity;

import fairember.core.input.Figures;
import fairember.core.input.InvalidInputException;

/**
 * A part of a whole: a waste, a margin, a fill.
 *
 * @param of1 the fraction, 0 (none) to 1 (all)
 */
public record Share(double of1) {
    public Share {
        if (!Double.isFinite(of1) || of1 < 0 || of1 > 1) {
            throw new InvalidInputException(
                    "share", Figures.show(of1 * 100, "%"), "0 to 100 %", "Enter a share from 0 to 100 %.");
        }
    }

    public static Share ofPercent(double percent) {
        return new Share(percent / 100);
    }

    public double percent() {
        return of1 * 100;
    }
}
