package fairember.core.shape;

import fairember.core.document.WrittenAs;
import fairember.core.outline.DrawnLine;
import fairember.core.quantity.Area;
import fairember.core.quantity.Length;
import fairember.core.quantity.Volume;
import java.util.List;
import java.util.Optional;

/**
 * A closed solid standing on the ground, upright, the middle of its base at 0. Volume and surface are exact for the solid
 * named; see docs/the-sums.md for the formulas and their sources.
 */
@WrittenAs(SolidDescription.class)
public sealed interface Solid
        permits Turned, Block, Ellipsoid, Ring, Band, CutOut, DiscPiece, FrontAndSide, LineStrip, Strand {
    ShapeKind kind();

    /** The dimensions in the order and the units of {@link ShapeKind#dimensions()}. */
    List<Double> dimensions();

    /** The lines that are drawn for it, in the order of {@link ShapeKind#lines()}; none for most. */
    default List<DrawnLine> lines() {
        return List.of();
    }

    /**
     * The same solid, when its dimensions are within their spans.
     *
     * @throws fairember.core.input.InvalidInputException when they are not
     */
    default Solid checked() {
        return kind().make(dimensions(), null, lines());
    }

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

    /** The centre of mass. */
    default Point3 centroid() {
        return new Point3(0, 0, centroidHeight().mm());
    }

    /**
     * The room that a wall leaves inside. Empty when nothing is left, or when the shape is a sheet, a cord or a tube, which
     * takes no core.
     *
     * @param floor only a solid with a flat base can leave it open
     */
    default Optional<Inset> inset(Length wall, Floor floor) {
        return Optional.empty();
    }

    /** The upright section through the middle, seen from the front: one outline, or more for a hollow solid. */
    List<Outline> section();

    /** The level section at a height; across to the right, "up" away from the one who looks. Empty above and below it. */
    List<Outline> level(double upMm);

    /** What is seen of it from the front. */
    default List<Outline> front() {
        return section();
    }

    /** What is seen of it from the right: "across" away from the one who stands in front. */
    default List<Outline> side() {
        return front();
    }

    /** What is seen of it from above: across to the right, "up" away from the one who looks from the front. */
    List<Outline> plan();

    /** How far its convex hull reaches in each direction: exact for round solids. */
    default Support support() {
        return Support.of(hull());
    }

    /** Points whose convex hull is its own, within {@link Outline#FLATNESS_MM}; round solids by {@code turns} meridians. */
    List<Point3> hull(int turns);

    /** The same as fine as a foot is calculated. */
    default List<Point3> hull() {
        return hull(Curves.TURNS);
    }
}
