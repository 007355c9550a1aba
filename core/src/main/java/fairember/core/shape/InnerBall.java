package fairember.core.shape;

import fairember.core.measure.Length;

/**
 * The largest ball that fits in some clay: its diameter is the thickest section, its middle the place of it.
 *
 * @param diameter of the ball
 * @param acrossMm middle of the ball right of the solid's axis, mm
 * @param upMm middle of the ball above the solid's base, mm
 */
public record InnerBall(Length diameter, double acrossMm, double upMm) {
    static InnerBall of(double diameter, double acrossMm, double upMm) {
        return new InnerBall(new Length(diameter), acrossMm, upMm);
    }

    /** The larger of two; the first when they are alike. */
    InnerBall or(InnerBall other) {
        return other.diameter.compareTo(diameter) > 0 ? other : this;
    }
}
