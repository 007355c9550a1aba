package fairember.core.ovenload;

/**
 * How good a plan is by one objective.
 *
 * @param value of the plan; minutes, loads or kWh
 * @param bound no plan has less, given what the objectives before it reached; never over {@code value}
 * @param proven whether the bound is the value, so that no plan is better
 */
public record Score(Objective objective, double value, double bound, boolean proven) {
    /** The share of the value that might still be saved, 0 to 1. */
    public double gap() {
        return proven || value <= 0 ? 0 : (value - bound) / value;
    }
}
