package fairember.core.quantity;

import fairember.core.input.Figures;
import fairember.core.input.InvalidInputException;

/** The floor under every measure: a finite number, not below zero. */
final class Finite {
    private Finite() {}

    /** @throws InvalidInputException when the value is negative, not a number or infinite */
    static void notNegative(String field, double value, String unit) {
        if (!Double.isFinite(value) || value < 0) {
            throw new InvalidInputException(
                    field, Figures.show(value, unit), "0 " + unit + " or more", "Enter a size that can be made.");
        }
    }
}
