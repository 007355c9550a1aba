package fairember.core.shape;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import org.locationtech.jts.algorithm.Orientation;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.union.UnaryUnionOp;
import org.locationtech.jts.simplify.DouglasPeuckerSimplifier;

/**
 * A closed polygon in the plane of a section or a view, without a repeated last point. The origin is the middle of the
 * solid's base.
 *
 * @param points corners in order, at least three
 */
public record Outline(List<Point> points) {
    /** Greatest distance in mm between a true curve and the polygon drawn for it. */
    public static final double FLATNESS_MM = 0.02;

    private static final int DIRECTIONS = 48;
    private static final int CORNERS_LEAST = 3;
    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    public Outline {
        points = List.copyOf(points);
    }

    /**
     * A corner.
     *
     * @param acrossMm to the right, mm
     * @param upMm above the base, mm
     */
    public record Point(double acrossMm, double upMm) {}

    static Outline rectangle(double left, double bottom, double right, double top) {
        return new Outline(Walls.points(left, bottom, right, bottom, right, top, left, top));
    }

    /** A convex outline around points: the farthest of them in each of {@value #DIRECTIONS} directions, counter-clockwise. */
    public static Outline around(List<Point> points) {
        double[] x = points.stream().mapToDouble(Point::acrossMm).toArray();
        double[] y = points.stream().mapToDouble(Point::upMm).toArray();
        List<Point> corners = new ArrayList<>();
        int last = -1;
        for (int d = 0; d < DIRECTIONS; d++) {
            int farthest = farthest(x, y, 2 * Math.PI * d / DIRECTIONS);
            if (farthest != last) {
                corners.add(points.get(farthest));
            }
            last = farthest;
        }
        return new Outline(corners);
    }

    private static int farthest(double[] x, double[] y, double angle) {
        double cos = Math.cos(angle);
        double sin = Math.sin(angle);
        int farthest = 0;
        double most = Double.NEGATIVE_INFINITY;
        for (int i = 0; i < x.length; i++) {
            double far = x[i] * cos + y[i] * sin;
            if (far > most) {
                most = far;
                farthest = i;
            }
        }
        return farthest;
    }

    public Outline mapped(UnaryOperator<Point> map) {
        return new Outline(points.stream().map(map).toList());
    }

    public Outline moved(double acrossMm, double upMm) {
        return mapped(p -> new Point(p.acrossMm() + acrossMm, p.upMm() + upMm));
    }

    /** What of it lies between two heights, mm: none, one or several outlines. */
    public List<Outline> between(double lowMm, double highMm) {
        Geometry whole = polygon();
        Envelope reach = whole.getEnvelopeInternal();
        Geometry band = GEOMETRY.toGeometry(new Envelope(reach.getMinX() - 1, reach.getMaxX() + 1, lowMm, highMm));
        Geometry kept = whole.intersection(band);
        List<Outline> outlines = new ArrayList<>();
        for (int i = 0; i < kept.getNumGeometries(); i++) {
            if (kept.getGeometryN(i) instanceof Polygon polygon && !polygon.isEmpty()) {
                outlines.add(of(polygon.getExteriorRing(), true));
            }
        }
        return outlines;
    }

    /** Everything that some outlines cover: one outline, or several that do not touch; holes are filled. */
    static List<Outline> union(List<Outline> outlines) {
        List<Geometry> polygons = new ArrayList<>();
        for (Outline outline : outlines) {
            polygons.add(outline.polygon());
        }
        Geometry union = UnaryUnionOp.union(polygons);
        return IntStream.range(0, union.getNumGeometries())
                .mapToObj(i -> (Polygon) union.getGeometryN(i))
                .map(polygon -> of(polygon.getExteriorRing(), true))
                .toList();
    }

    private Geometry polygon() {
        List<Point> closed = new ArrayList<>(points);
        closed.add(points.get(0));
        return GEOMETRY.createPolygon(closed.stream()
                        .map(p -> new Coordinate(p.acrossMm(), p.upMm()))
                        .toArray(Coordinate[]::new))
                .buffer(0);
    }

    /** A ring the way round that outlines have: counter-clockwise outside, the other way round a hole. */
    static Outline of(LineString ring, boolean outside) {
        Geometry turned = Orientation.isCCW(ring.getCoordinates()) == outside ? ring : ring.reverse();
        Coordinate[] corners = turned.getCoordinates();
        return new Outline(Arrays.stream(corners, 0, corners.length - 1)
                .map(c -> new Point(c.x, c.y))
                .toList());
    }

    /** With fewer corners, none of those left out farther than a number of mm from it; the same when hardly any would be left. */
    public Outline coarser(double withinMm) {
        List<Point> closed = new ArrayList<>(points);
        closed.add(points.get(0));
        Coordinate[] line =
                closed.stream().map(p -> new Coordinate(p.acrossMm(), p.upMm())).toArray(Coordinate[]::new);
        Coordinate[] simplified = DouglasPeuckerSimplifier.simplify(GEOMETRY.createLineString(line), withinMm)
                .getCoordinates();
        if (simplified.length <= CORNERS_LEAST) {
            return this;
        }
        return new Outline(Arrays.stream(simplified, 0, simplified.length - 1)
                .map(c -> new Point(c.x, c.y))
                .toList());
    }

    /** Turned so that what lay along "across" stands upright on 0. */
    Outline upright() {
        return mapped(p -> new Point(/* acrossMm= */ p.upMm(), /* upMm= */ p.acrossMm()));
    }
}
