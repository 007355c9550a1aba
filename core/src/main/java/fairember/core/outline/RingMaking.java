package fairember.core.outline;

import fairember.core.input.Figures;
import fairember.core.input.InvalidInputException;
import java.awt.geom.FlatteningPathIterator;
import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.simplify.DouglasPeuckerSimplifier;

/** Flattens curves and sorts rings into the one outline and its holes. */
final class RingMaking {
    /** Greatest distance of a corner-to-corner line from its curve, mm. */
    private static final double FLATNESS_MM = 0.05;
    /** The same as a share of the drawing: a circle then loses 0.06 % of its area. */
    private static final double FLATNESS_SHARE = 1 / 5000.0;

    private static final double LEAST_FLATNESS_MM = 0.001;
    private static final int DEEPEST = 12;
    /** Ends nearer than this belong together, mm. */
    private static final double JOINT_MM = 0.05;

    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    private final List<List<Coordinate>> rings = new ArrayList<>();
    private final List<Coordinate> current = new ArrayList<>();
    private int points;

    private RingMaking() {}

    /** The outline of a path in mm with y downward. */
    static CutShape make(Path2D path) {
        RingMaking making = new RingMaking();
        making.flatten(path);
        return CutShape.of(making.sorted());
    }

    /** The longest line of a path in mm with y downward, moved so that its box begins at 0. */
    static DrawnLine longest(Path2D path) {
        List<Coordinate> best = List.of();
        double longest = 0;
        double length = 0;
        double[] at = new double[6];
        List<Coordinate> line = new ArrayList<>();
        for (PathIterator flat = flat(path); !flat.isDone(); flat.next()) {
            int kind = flat.currentSegment(at);
            if (kind == PathIterator.SEG_MOVETO) {
                line = new ArrayList<>();
                length = 0;
            }
            line.add(kind == PathIterator.SEG_CLOSE ? line.get(0) : finite(new Coordinate(at[0], -at[1])));
            length += line.size() > 1 ? line.get(line.size() - 1).distance(line.get(line.size() - 2)) : 0;
            if (length > longest) {
                best = line;
                longest = length;
            }
        }
        if (best.size() < 2) {
            throw new InvalidInputException("outline", "no line", "a line or an outline", "Draw a path or a line.");
        }
        Coordinate[] simple = DouglasPeuckerSimplifier.simplify(
                        GEOMETRY.createLineString(best.toArray(Coordinate[]::new)), FLATNESS_MM)
                .getCoordinates();
        double left = Arrays.stream(simple).mapToDouble(c -> c.x).min().orElse(0);
        double low = Arrays.stream(simple).mapToDouble(c -> c.y).min().orElse(0);
        return new DrawnLine(
                Arrays.stream(simple)
                        .flatMap(c -> Stream.of(micrometres(c.x - left), micrometres(c.y - low)))
                        .toList(),
                false);
    }

    private static double micrometres(double mm) {
        return Math.round(mm * 1000) / 1000.0;
    }

    private static PathIterator flat(Path2D path) {
        Rectangle2D box = path.getBounds2D();
        double flatness = Math.min(FLATNESS_MM, FLATNESS_SHARE * Math.max(box.getWidth(), box.getHeight()));
        return new FlatteningPathIterator(path.getPathIterator(null), Math.max(flatness, LEAST_FLATNESS_MM), DEEPEST);
    }

    private void flatten(Path2D path) {
        PathIterator flat = flat(path);
        double[] at = new double[6];
        boolean open = false;
        for (; !flat.isDone(); flat.next()) {
            int kind = flat.currentSegment(at);
            if (kind == PathIterator.SEG_MOVETO) {
                finish(open);
                current.add(new Coordinate(at[0], -at[1]));
                open = true;
            } else if (kind == PathIterator.SEG_LINETO) {
                add(new Coordinate(at[0], -at[1]));
            } else if (kind == PathIterator.SEG_CLOSE) {
                finish(false);
                open = false;
            }
        }
        finish(open);
        if (rings.isEmpty()) {
            throw new InvalidInputException(
                    "outline",
                    "no outline",
                    "one closed outline",
                    "Draw a closed path, polygon, circle, ellipse or rectangle.");
        }
    }

    private static Coordinate finite(Coordinate corner) {
        if (!Double.isFinite(corner.x) || !Double.isFinite(corner.y)) {
            throw new InvalidInputException(
                    "outline", "a corner without a finite position", "corners within the page", "Save the file again.");
        }
        return corner;
    }

    private void add(Coordinate corner) {
        finite(corner);
        if (current.isEmpty() || corner.distance(current.get(current.size() - 1)) > 1e-6) {
            current.add(corner);
            if (++points > CutShape.MOST_POINTS) {
                throw new InvalidInputException(
                        "outline",
                        "more than " + CutShape.MOST_POINTS + " corners",
                        "up to " + CutShape.MOST_POINTS,
                        "Simplify the outline.");
            }
        }
    }

    private void finish(boolean open) {
        if (current.size() > 1 && current.get(0).distance(current.get(current.size() - 1)) <= JOINT_MM) {
            current.remove(current.size() - 1);
            open = false;
        }
        if (open && current.size() > 1) {
            throw new InvalidInputException(
                    "outline",
                    "an open outline with its ends %s mm apart"
                            .formatted(Figures.show(Math.round(
                                            current.get(0).distance(current.get(current.size() - 1)) * 10)
                                    / 10.0)),
                    "closed outlines",
                    "Close the path in the drawing program.");
        }
        if (current.size() >= 3) {
            rings.add(List.copyOf(current));
        }
        current.clear();
    }

    /** The largest ring first; all others must be holes in it, side by side. */
    private List<CutShape.Ring> sorted() {
        List<Polygon> polygons =
                new ArrayList<>(rings.stream().map(RingMaking::polygon).toList());
        polygons.sort((a, b) -> Double.compare(b.getArea(), a.getArea()));
        Polygon outer = polygons.get(0);
        List<Polygon> holes = polygons.subList(1, polygons.size());
        for (int i = 0; i < holes.size(); i++) {
            Polygon hole = holes.get(i);
            if (!outer.covers(hole.getExteriorRing())) {
                throw outer.intersects(hole)
                        ? refused("outlines that overlap", "Join them into one shape.")
                        : refused(polygons.size() + " separate outlines", "Keep one shape in each file, or join them.");
            }
            for (Polygon other : holes.subList(i + 1, holes.size())) {
                if (hole.covers(other.getExteriorRing())) {
                    throw refused("an island inside a hole", "Put the island in its own file, or remove it.");
                }
                if (hole.overlaps(other)) {
                    throw refused("holes that overlap", "Join them into one hole.");
                }
            }
        }
        return polygons.stream().map(RingMaking::ring).toList();
    }

    private static InvalidInputException refused(String found, String fix) {
        return new InvalidInputException("outline", found, "one outline, with holes in it if there are any", fix);
    }

    private static Polygon polygon(List<Coordinate> ring) {
        List<Coordinate> closed = new ArrayList<>(ring);
        closed.add(ring.get(0).copy());
        LinearRing line = GEOMETRY.createLinearRing(closed.toArray(Coordinate[]::new));
        return GEOMETRY.createPolygon(line);
    }

    private static CutShape.Ring ring(Polygon polygon) {
        Coordinate[] corners = polygon.getExteriorRing().getCoordinates();
        List<Double> xy = new ArrayList<>();
        for (int i = 0; i < corners.length - 1; i++) {
            xy.add(corners[i].x);
            xy.add(corners[i].y);
        }
        return new CutShape.Ring(xy);
    }
}
