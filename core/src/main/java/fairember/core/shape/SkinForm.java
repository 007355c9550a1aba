package fairember.core.shape;

import fairember.core.outline.DrawnLine;
import fairember.core.quantity.Length;
import fairember.core.quantity.Volume;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import org.locationtech.jts.algorithm.ConvexHull;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.union.UnaryUnionOp;

/**
 * Several bodies as the one form that a skin over all of them lies on: their outlines together from the front and from the right,
 * each body by its convex hull, with grooves bridged that are narrower than twice the skin. How square it is across follows from
 * their volume.
 *
 * @param form they are
 * @param base where the middle of its base lies among them
 */
public record SkinForm(FrontAndSide form, Point3 base) {
    private static final GeometryFactory GEOMETRY = new GeometryFactory();
    private static final double LEAST_SQUARE = 1;
    private static final double MOST_SQUARE = 20;
    private static final int HALVINGS = 40;

    /**
     * The form under a skin; empty when the bodies stand apart.
     *
     * @param bodies each by points whose convex hull is its own
     * @param volume of all of them
     * @param skin how thick it is
     */
    public static Optional<SkinForm> of(List<List<Point3>> bodies, Volume volume, Length skin) {
        return seen(bodies, Point3::acrossMm, skin)
                .flatMap(front -> seen(bodies, at -> -at.frontMm(), skin).map(side -> of(front, side, volume)));
    }

    private static SkinForm of(Polygon front, Polygon side, Volume volume) {
        Envelope wide = front.getEnvelopeInternal();
        DrawnLine frontLine = Silhouette.line(front);
        DrawnLine sideLine = Silhouette.line(side);
        Length height = new Length(wide.getHeight());
        double rectangles = new FrontAndSide(frontLine, sideLine, height, 2).rectangles();
        return new SkinForm(
                new FrontAndSide(frontLine, sideLine, height, squareness(volume.mm3() / rectangles)),
                new Point3(wide.centre().x, -side.getEnvelopeInternal().centre().x, wide.getMinY()));
    }

    private static Optional<Polygon> seen(List<List<Point3>> bodies, ToDoubleFunction<Point3> across, Length skin) {
        List<Geometry> hulls = new ArrayList<>();
        for (List<Point3> body : bodies) {
            Coordinate[] points = body.stream()
                    .map(at -> new Coordinate(across.applyAsDouble(at), at.upMm()))
                    .toArray(Coordinate[]::new);
            hulls.add(new ConvexHull(points, GEOMETRY).getConvexHull());
        }
        Geometry together = UnaryUnionOp.union(hulls).buffer(skin.mm()).buffer(-skin.mm());
        return together instanceof Polygon one && !one.isEmpty() ? Optional.of(one) : Optional.empty();
    }

    /** The exponent n whose superellipse fills such a share of its rectangle, by halving. */
    private static double squareness(double fill) {
        double low = LEAST_SQUARE;
        double high = MOST_SQUARE;
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (low + high) / 2;
            if (LevelSections.fill(middle) < fill) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return (low + high) / 2;
    }
}
