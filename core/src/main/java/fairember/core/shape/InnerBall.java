package fairember.core.shape;

import fairember.core.quantity.Length;

/**
 * The largest ball that fits in some clay: its diameter is the thickest section, its middle the place of it.
 *
 * @param diameter of the ball
 * @param middle of the ball
 */
public record InnerBall(Length diameter, Point3 middle) {
    static InnerBall of(double diameter, double acrossMm, double upMm) {
        return new InnerBall(new Length(diameter), new Point3(acrossMm, 0, upMm));
    }

    /** The larger of two; the first when they are alike. */
    InnerBall or(InnerBall other) {
        return other.diameter.compareTo(diameter) > 0 ? other : this;
    }
}
