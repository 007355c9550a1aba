package fairember.core.shape;

import java.util.List;

/**
 * The support function of a convex body: how far it reaches in a direction,
 *
 * <pre>h(u) = max over all points x of the body of x·u</pre>
 *
 * It says all there is to know of the body's outside, exactly for round ones (Schneider, Convex Bodies, section 1.7).
 */
@FunctionalInterface
public interface Support {
    /**
     * How far the body reaches.
     *
     * @param across the direction's part to the right
     * @param front its part towards the one who looks
     * @param up its part upwards; the direction need not be of length 1
     * @return max x·u, mm times the direction's length
     */
    double in(double across, double front, double up);

    /** That of a ball of radius r whose middle lies at a height. */
    static Support ball(double radius, double middleUp) {
        return (a, f, u) -> radius * Math.sqrt(a * a + f * f + u * u) + middleUp * u;
    }

    /** That of what a profile makes when it is turned about the upright axis. */
    static Support turned(List<Outline.Point> profile) {
        return (a, f, u) -> {
            double level = Math.hypot(a, f);
            double most = Double.NEGATIVE_INFINITY;
            for (Outline.Point point : profile) {
                most = Math.max(most, point.acrossMm() * level + point.upMm() * u);
            }
            return most;
        };
    }

    /** That of the convex hull of points. */
    static Support of(List<Point3> points) {
        return (a, f, u) -> {
            double most = Double.NEGATIVE_INFINITY;
            for (Point3 point : points) {
                most = Math.max(most, point.acrossMm() * a + point.frontMm() * f + point.upMm() * u);
            }
            return most;
        };
    }
}
