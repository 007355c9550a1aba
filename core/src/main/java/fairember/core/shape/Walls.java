package fairember.core.shape;

import fairember.core.measure.Length;
import java.util.Optional;

/** What edges do to the wall around an inset, and small shared steps of the solids. */
final class Walls {
    private Walls() {}

    /**
     * Diameter of the largest ball in the wall along an edge or at an apex. The faces meet at an angle whose half is {@code half}; the
     * inset's edge lies wall/sin(half) from the outer edge, a ball of radius r touching both faces has its centre at
     * r/sin(half), and it touches the inset's edge when (wall − r)/sin(half) = r.
     *
     * <pre>T = 2·wall/(1 + sin half)</pre>
     */
    static double atEdge(Length wall, double half) {
        return wall.mm() * 2 / (1 + Math.sin(half));
    }

    /** Diameter of the largest ball at a square corner, three faces: √3·(wall − r) = r. */
    static double atCorner(Length wall) {
        return wall.mm() * 2 * Math.sqrt(3) / (1 + Math.sqrt(3));
    }

    static Optional<Length> less(Length length, double by) {
        double left = length.mm() - by;
        return left > 0 ? Optional.of(new Length(left)) : Optional.empty();
    }
}
