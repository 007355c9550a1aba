package fairember.core.shape;

import fairember.core.outline.DrawnLine;
import fairember.core.quantity.Length;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;

/** A band of some width that lies flat along a line, its box's middle at 0: across as drawn, the drawing's top away from the one who looks. */
final class LaidLine {
    private static final GeometryFactory GEOMETRY = new GeometryFactory();
    private static final int QUARTER = 8;

    private final LineString line;
    private final List<Outline> rings = new ArrayList<>();
    private final Geometry band;

    LaidLine(DrawnLine drawn, Length width) {
        this(drawn, width, width);
    }

    /** A band that lies where one of another width would. */
    LaidLine(DrawnLine drawn, Length width, Length boxed) {
        LineString given = drawn.open();
        boolean closed = given.isClosed();
        Envelope around = band(given, boxed.mm(), closed).getEnvelopeInternal();
        Coordinate middle = around.centre();
        this.line = GEOMETRY.createLineString(Arrays.stream(given.getCoordinates())
                .map(c -> new Coordinate(c.x - middle.x, c.y - middle.y))
                .toArray(Coordinate[]::new));
        this.band = band(line, width.mm(), closed);
        for (int i = 0; i < band.getNumGeometries(); i++) {
            Polygon polygon = (Polygon) band.getGeometryN(i);
            rings.add(Outline.of(polygon.getExteriorRing(), true));
            for (int hole = 0; hole < polygon.getNumInteriorRing(); hole++) {
                rings.add(Outline.of(polygon.getInteriorRingN(hole), false));
            }
        }
    }

    private static Geometry band(LineString line, double width, boolean closed) {
        return BufferOp.bufferOp(
                line,
                width / 2,
                new BufferParameters(
                        QUARTER,
                        closed ? BufferParameters.CAP_ROUND : BufferParameters.CAP_FLAT,
                        BufferParameters.JOIN_ROUND,
                        BufferParameters.DEFAULT_MITRE_LIMIT));
    }

    Length length() {
        return new Length(line.getLength());
    }

    double wide() {
        return band.getEnvelopeInternal().getWidth();
    }

    double deep() {
        return band.getEnvelopeInternal().getHeight();
    }

    List<Outline> plan() {
        return List.copyOf(rings);
    }

    /** The middle of the line's length, at some height. */
    Point3 centroid(double upMm) {
        Coordinate middle = line.getCentroid().getCoordinate();
        return new Point3(middle.x, -middle.y, upMm);
    }

    /** The middle of a stretch of it near its half, where it surely lies. */
    Point3 onIt(double upMm) {
        Coordinate[] all = line.getCoordinates();
        int i = Math.max(1, all.length / 2);
        return new Point3((all[i].x + all[i - 1].x) / 2, -(all[i].y + all[i - 1].y) / 2, upMm);
    }

    /** Where an upright cut along "across" through the middle meets it: from and to, mm. */
    List<double[]> cut() {
        Geometry met = band.intersection(
                GEOMETRY.createLineString(new Coordinate[] {new Coordinate(-wide(), 0), new Coordinate(wide(), 0)}));
        List<double[]> cuts = new ArrayList<>();
        for (int i = 0; i < met.getNumGeometries(); i++) {
            Envelope at = met.getGeometryN(i).getEnvelopeInternal();
            if (at.getWidth() > 0) {
                cuts.add(new double[] {at.getMinX(), at.getMaxX()});
            }
        }
        return cuts;
    }

    /** As a flat thing so high is seen from the front, or from the right. */
    static List<Outline> edgeOn(double wide, double high) {
        return List.of(Outline.rectangle(-wide / 2, 0, wide / 2, high));
    }
}
