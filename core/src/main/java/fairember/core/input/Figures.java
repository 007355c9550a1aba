package fairember.core.input;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;

/** Numbers as words in messages: at most four significant figures, no trailing zeros, never an exponent. */
public final class Figures {
    private static final MathContext FOUR = new MathContext(4, RoundingMode.HALF_EVEN);

    private Figures() {}

    /** "12", "2.5", "0.004"; whole numbers are given whole. NaN and the infinities are named. */
    public static String show(double value) {
        if (!Double.isFinite(value)) {
            return Double.isNaN(value) ? "not a number" : "an infinite number";
        }
        if (value == Math.rint(value) && Math.abs(value) < 1e15) {
            return BigDecimal.valueOf(value)
                    .setScale(0, RoundingMode.UNNECESSARY)
                    .toPlainString();
        }
        BigDecimal rounded = new BigDecimal(value, FOUR).stripTrailingZeros();
        return rounded.scale() < 0
                ? rounded.setScale(0, RoundingMode.UNNECESSARY).toPlainString()
                : rounded.toPlainString();
    }

    /** The number and its unit: "12 mm", "130 °C"; no space before nothing. */
    public static String show(double value, String unit) {
        return unit.isEmpty() ? show(value) : show(value) + " " + unit;
    }
}
