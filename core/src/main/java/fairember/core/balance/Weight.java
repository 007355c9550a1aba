package fairember.core.balance;

import fairember.core.quantity.Mass;
import fairember.core.shape.Point3;
import java.util.List;

/**
 * A mass at its place in a design.
 *
 * @param of what it is
 * @param mass of it
 * @param at its own centre of mass, from the middle of the design on the ground
 */
public record Weight(String of, Mass mass, Point3 at) {
    /** Σ m·c / Σ m; the middle on the ground when nothing weighs anything. */
    public static Point3 centre(List<Weight> weights) {
        double all = total(weights).g();
        double across = 0;
        double front = 0;
        double up = 0;
        for (Weight weight : weights) {
            double share = all == 0 ? 0 : weight.mass.g() / all;
            across += share * weight.at.acrossMm();
            front += share * weight.at.frontMm();
            up += share * weight.at.upMm();
        }
        return new Point3(across, front, up);
    }

    /** Σ m. */
    public static Mass total(List<Weight> weights) {
        return new Mass(weights.stream().mapToDouble(w -> w.mass.g()).sum());
    }
}
