package fairember.core.outline;

import fairember.core.input.Figures;
import fairember.core.input.InvalidInputException;
import fairember.core.quantity.Area;
import fairember.core.quantity.Length;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.algorithm.Orientation;
import org.locationtech.jts.algorithm.construct.MaximumInscribedCircle;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.valid.IsValidOp;
import org.locationtech.jts.operation.valid.TopologyValidationError;
import org.locationtech.jts.simplify.TopologyPreservingSimplifier;

/**
 * A flat outline: one outer ring and any holes in it. It lies with its bounding box's lower edge on 0 and its middle across
 * at 0, so that it can stand in a design. Immutable.
 */
public final class CutShape {
    /** Most corners of all rings together; a smooth outline of 200 mm has some hundreds. */
    public static final int MOST_POINTS = 6000;
    /** Largest side. */
    static final double MOST_MM = 400;
    /** Least area; anything smaller is a slip of the pen. */
    static final double LEAST_MM2 = 0.5;

    private static final GeometryFactory GEOMETRY = new GeometryFactory();
    /** How near the inscribed circle is to the largest one, as a share of the outline's size. */
    private static final double CIRCLE_TOLERANCE = 1e-4;

    private final List<Ring> rings;
    private final Polygon polygon;
    /** Worked out when it is asked for: most outlines never are. */
    private volatile @Nullable LineString inscribed;

    /**
     * A closed ring.
     *
     * @param xy corners: across, up, across, up ..., mm, the first not repeated at the end
     */
    public record Ring(List<Double> xy) {
        public Ring {
            xy = List.copyOf(xy);
        }

        public double x(int i) {
            return xy.get(2 * i);
        }

        public double y(int i) {
            return xy.get(2 * i + 1);
        }

        public int size() {
            return xy.size() / 2;
        }
    }

    private CutShape(Polygon polygon) {
        this.polygon = polygon;
        List<Ring> found = new ArrayList<>();
        found.add(ring(polygon.getExteriorRing(), true));
        for (int i = 0; i < polygon.getNumInteriorRing(); i++) {
            found.add(ring(polygon.getInteriorRingN(i), false));
        }
        this.rings = List.copyOf(found);
    }

    /** From the middle of the largest circle inside to where it touches the outline. */
    private LineString radius() {
        LineString known = inscribed;
        if (known == null) {
            double size = Math.max(
                    polygon.getEnvelopeInternal().getWidth(),
                    polygon.getEnvelopeInternal().getHeight());
            known = new MaximumInscribedCircle(polygon, CIRCLE_TOLERANCE * size).getRadiusLine();
            inscribed = known;
        }
        return known;
    }

    /**
     * A shape from rings, the outer one first; moved so that it stands on 0 in the middle.
     *
     * @param rings at least one, each of three corners or more, in mm
     * @throws InvalidInputException on "outline" when it crosses itself, is too large or small, or has too many corners
     */
    public static CutShape of(List<Ring> rings) {
        check(rings);
        Polygon raw = polygon(rings);
        TopologyValidationError error = new IsValidOp(raw).getValidationError();
        if (error != null) {
            Coordinate at = error.getCoordinate();
            throw new InvalidInputException(
                    "outline",
                    "an outline that crosses or touches itself near %s, %s mm"
                            .formatted(Figures.show(round(at.x)), Figures.show(round(at.y))),
                    "a closed outline that does not cross itself",
                    "Join or untangle the outline there in the drawing program.");
        }
        double width = raw.getEnvelopeInternal().getWidth();
        double height = raw.getEnvelopeInternal().getHeight();
        if (Math.max(width, height) > MOST_MM || raw.getArea() < LEAST_MM2) {
            throw new InvalidInputException(
                    "outline",
                    "%s × %s mm".formatted(Figures.show(round(width)), Figures.show(round(height))),
                    "a shape up to %s mm across, larger than a dot".formatted(Figures.show(MOST_MM)),
                    "Scale the drawing to its true size in mm.");
        }
        double left = raw.getEnvelopeInternal().getMinX() + width / 2;
        double bottom = raw.getEnvelopeInternal().getMinY();
        return new CutShape(
                polygon(rings.stream().map(r -> moved(r, -left, -bottom)).toList()));
    }

    /**
     * A ring of very many corners with as few as stay within a distance of it (Douglas and Peucker 1973), not crossing itself.
     *
     * @throws InvalidInputException on "outline" as {@link #of} does
     */
    public static CutShape simplified(Ring ring, Length within) {
        LinearRing fewer = (LinearRing) TopologyPreservingSimplifier.simplify(closed(ring), within.mm());
        return of(List.of(ring(fewer, true)));
    }

    private static void check(List<Ring> rings) {
        int points = rings.stream().mapToInt(Ring::size).sum();
        boolean corners = rings.stream().allMatch(r -> r.size() >= 3 && r.xy().size() % 2 == 0);
        boolean finite = rings.stream().flatMap(r -> r.xy().stream()).allMatch(v -> Math.abs(v) <= 1e5);
        if (rings.isEmpty() || !corners || !finite || points > MOST_POINTS) {
            throw new InvalidInputException(
                    "outline",
                    "%d rings of %d corners".formatted(rings.size(), points),
                    "rings of 3 corners or more, up to " + MOST_POINTS + " in total",
                    "Simplify the outline, or draw it again.");
        }
    }

    private static double round(double mm) {
        return Math.round(mm * 10) / 10.0;
    }

    private static Ring moved(Ring ring, double across, double up) {
        List<Double> xy = new ArrayList<>(ring.xy().size());
        for (int i = 0; i < ring.size(); i++) {
            xy.add(ring.x(i) + across);
            xy.add(ring.y(i) + up);
        }
        return new Ring(xy);
    }

    private static Polygon polygon(List<Ring> rings) {
        LinearRing[] holes = rings.stream().skip(1).map(CutShape::closed).toArray(LinearRing[]::new);
        return GEOMETRY.createPolygon(closed(rings.get(0)), holes);
    }

    private static LinearRing closed(Ring ring) {
        Coordinate[] corners = new Coordinate[ring.size() + 1];
        for (int i = 0; i < ring.size(); i++) {
            corners[i] = new Coordinate(ring.x(i), ring.y(i));
        }
        corners[ring.size()] = corners[0].copy();
        return GEOMETRY.createLinearRing(corners);
    }

    private static Ring ring(Geometry line, boolean counterClockwise) {
        Geometry given = Orientation.isCCW(line.getCoordinates()) == counterClockwise ? line : line.reverse();
        Coordinate[] corners = given.getCoordinates();
        List<Double> xy = new ArrayList<>(2 * corners.length);
        Arrays.stream(corners).limit(corners.length - 1L).forEach(corner -> {
            xy.add(corner.x);
            xy.add(corner.y);
        });
        return new Ring(xy);
    }

    /** As it is saved and sent: its rings to the micrometre. */
    public List<List<Double>> lists() {
        return rings.stream()
                .map(ring -> ring.xy().stream()
                        .map(v -> Math.round(v * 1000) / 1000.0)
                        .toList())
                .toList();
    }

    /**
     * A shape as it is saved and sent.
     *
     * @throws InvalidInputException on "outline" as {@link #of} does
     */
    public static CutShape ofLists(List<List<Double>> rings) {
        return of(rings.stream().map(Ring::new).toList());
    }

    /** The outer ring, counter-clockwise, then the holes, the other way round. */
    public List<Ring> rings() {
        return rings;
    }

    /** The same shape larger or smaller. */
    public CutShape scaled(double factor) {
        return of(rings.stream()
                .map(r -> new Ring(r.xy().stream().map(v -> v * factor).toList()))
                .toList());
    }

    /** Clay in it, holes left out. */
    public Area area() {
        return new Area(polygon.getArea());
    }

    /** Length of all its edges, holes included. */
    public Length edge() {
        return new Length(polygon.getLength());
    }

    public Length width() {
        return new Length(polygon.getEnvelopeInternal().getWidth());
    }

    public Length height() {
        return new Length(polygon.getEnvelopeInternal().getHeight());
    }

    /** Radius of the largest circle inside, within 0.01 % of the outline's size. */
    public Length inradius() {
        return new Length(radius().getLength());
    }

    /** Middle of that circle: right of the middle, mm. */
    public double inscribedAcrossMm() {
        return radius().getCoordinateN(0).x;
    }

    /** Middle of that circle: above the lower edge, mm. */
    public double inscribedUpMm() {
        return radius().getCoordinateN(0).y;
    }

    /** Centre of area: right of the middle, mm. */
    public double centreAcrossMm() {
        return polygon.getCentroid().getX();
    }

    /** Centre of area: above the lower edge, mm. */
    public double centreUpMm() {
        return polygon.getCentroid().getY();
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof CutShape that && rings.equals(that.rings);
    }

    @Override
    public int hashCode() {
        return Objects.hash(rings);
    }

    @Override
    public String toString() {
        return "CutShape[" + rings.size() + " rings, " + Figures.show(area().mm2(), "mm²") + "]";
    }
}
