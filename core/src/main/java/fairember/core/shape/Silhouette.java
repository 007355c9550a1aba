package fairember.core.shape;

import fairember.core.outline.CutShape;
import fairember.core.outline.DrawnLine;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.distance.DistanceOp;
import org.locationtech.jts.simplify.DouglasPeuckerSimplifier;

/** A form as it is seen from one side, standing on 0 with its middle at 0. Immutable. */
final class Silhouette {
    private static final GeometryFactory GEOMETRY = new GeometryFactory();
    private static final double FINE_MM = 0.01;

    private final double[] x;
    private final double[] up;

    private Silhouette(double[] x, double[] up) {
        this.x = x;
        this.up = up;
    }

    /** An outline made so high. */
    static Silhouette of(CutShape outline, double highMm) {
        CutShape.Ring ring = outline.rings().get(0);
        double factor = highMm / outline.height().mm();
        return new Silhouette(
                IntStream.range(0, ring.size())
                        .mapToDouble(i -> ring.x(i) * factor)
                        .toArray(),
                IntStream.range(0, ring.size())
                        .mapToDouble(i -> ring.y(i) * factor)
                        .toArray());
    }

    /** What it covers at a height: left and right ends, from left to right; nothing at its corners' own heights is asked. */
    List<double[]> spans(double heightMm) {
        List<Double> crossings = new ArrayList<>();
        int j = x.length - 1;
        for (int i = 0; i < x.length; i++) {
            if (up[i] > heightMm != up[j] > heightMm) {
                crossings.add(x[i] + (x[j] - x[i]) * (heightMm - up[i]) / (up[j] - up[i]));
            }
            j = i;
        }
        crossings.sort(Comparator.naturalOrder());
        return IntStream.range(0, crossings.size() / 2)
                .mapToObj(i -> new double[] {crossings.get(2 * i), crossings.get(2 * i + 1)})
                .toList();
    }

    DoubleStream heights() {
        return Arrays.stream(up);
    }

    double wide() {
        return Arrays.stream(x).max().orElse(0) - Arrays.stream(x).min().orElse(0);
    }

    Outline outline() {
        return new Outline(IntStream.range(0, x.length)
                .mapToObj(i -> new Outline.Point(x[i], up[i]))
                .toList());
    }

    /** How far the edge is from a point inside, mm. */
    double clearance(double acrossMm, double upMm) {
        return DistanceOp.distance(edge(), GEOMETRY.createPoint(new Coordinate(acrossMm, upMm)));
    }

    /** The outline so far outside it. */
    DrawnLine grown(double thickMm) {
        return line((Polygon) polygon().buffer(thickMm));
    }

    /** The outer ring of a polygon, with no more points than it needs. */
    static DrawnLine line(Polygon polygon) {
        Coordinate[] ring = DouglasPeuckerSimplifier.simplify(polygon.getExteriorRing(), FINE_MM)
                .getCoordinates();
        return new DrawnLine(
                Arrays.stream(ring, 0, ring.length - 1)
                        .flatMap(c -> List.of(c.x, c.y).stream())
                        .toList(),
                false);
    }

    /** What lies so far inside it, the largest piece of that between two heights; empty when nothing does. */
    Optional<Polygon> inner(double inMm, double lowMm, double highMm) {
        Geometry inside = polygon().buffer(-inMm);
        Envelope all = polygon().getEnvelopeInternal();
        Geometry clipped =
                inside.intersection(GEOMETRY.toGeometry(new Envelope(all.getMinX(), all.getMaxX(), lowMm, highMm)));
        Optional<Polygon> largest = Optional.empty();
        for (int i = 0; i < clipped.getNumGeometries(); i++) {
            if (clipped.getGeometryN(i) instanceof Polygon piece
                    && piece.getArea() > largest.map(Polygon::getArea).orElse(0.0)) {
                largest = Optional.of(piece);
            }
        }
        return largest;
    }

    private LineString edge() {
        return polygon().getExteriorRing();
    }

    private Polygon polygon() {
        Coordinate[] ring = new Coordinate[x.length + 1];
        for (int i = 0; i < x.length; i++) {
            ring[i] = new Coordinate(x[i], up[i]);
        }
        ring[x.length] = ring[0].copy();
        LinearRing closed = GEOMETRY.createLinearRing(ring);
        return GEOMETRY.createPolygon(closed);
    }
}
