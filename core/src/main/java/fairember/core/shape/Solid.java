package fairember.core.shape;

import fairember.core.measure.Area;
import fairember.core.measure.Length;
import fairember.core.measure.Volume;
import java.util.List;
import java.util.Optional;

/**
 * A closed solid standing on the ground, upright. All measures are exact for the solid named; see docs/the-sums.md for
 * the formulas and their sources.
 */
public sealed interface Solid permits Ball, Rod, Cone, Frustum, Block, Dome, Cap, Disc, Band {
    ShapeKind kind();

    /** The dimensions in the order of {@link ShapeKind#dimensions()}. */
    List<Length> dimensions();

    Volume volume();

    Area surface();

    /** The largest ball that fits inside. */
    InnerBall thickest();

    /** T, the diameter of the largest ball that fits inside: what heat has to cross. */
    default Length thickestSection() {
        return thickest().diameter();
    }

    Box box();

    /** Height of the centre of mass above the base. */
    Length centroidHeight();

    /**
     * The parallel inset: the solid whose every face lies {@code wall} inside this one's. Empty when nothing is left,
     * or when the shape is a sheet or a tube, which takes no core.
     */
    Optional<Solid> inset(Length wall);

    /**
     * The largest ball that fits in the clay between this solid and its inset. Its diameter is at least {@code wall}: at
     * an edge or corner the clay is thicker than along a face.
     */
    InnerBall thickestInWall(Length wall);

    /** The vertical section through the middle, seen from the front: one outline, or two for a hollow solid. */
    List<Outline> section();

    /** What is seen of it from the front. */
    default List<Outline> front() {
        return section();
    }
}
