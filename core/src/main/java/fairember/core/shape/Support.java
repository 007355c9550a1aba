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
        int many = profile.size();
        double[] far = profile.stream().mapToDouble(Outline.Point::acrossMm).toArray();
        double[] high = profile.stream().mapToDouble(Outline.Point::upMm).toArray();
        return (a, f, u) -> {
            double level = Math.sqrt(a * a + f * f);
            double most = Double.NEGATIVE_INFINITY;
            for (int i = 0; i < many; i++) {
                most = Math.max(most, far[i] * level + high[i] * u);
            }
            return most;
        };
    }

    /** That of the convex hull of points. */
    static Support of(List<Point3> points) {
        int many = points.size();
        double[] across = points.stream().mapToDouble(Point3::acrossMm).toArray();
        double[] front = points.stream().mapToDouble(Point3::frontMm).toArray();
        double[] up = points.stream().mapToDouble(Point3::upMm).toArray();
        return (a, f, u) -> {
            double most = Double.NEGATIVE_INFINITY;
            for (int i = 0; i < many; i++) {
                most = Math.max(most, across[i] * a + front[i] * f + up[i] * u);
            }
            return most;
        };
    }
}
