package fairember.core.balance;

import fairember.core.piece.Part;
import fairember.core.piece.Placement;
import fairember.core.shape.Box;
import fairember.core.shape.Point3;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Point;
import org.locationtech.jts.geom.Polygon;

/** What a piece stands on: the convex hull of all that touches the ground. */
final class Footprint {
    /** Clay this near the ground touches it. */
    private static final double TOUCHING_MM = 0.05;
    /** A round underside gives by so much when it is set down, so that it stands on a spot and not on a point. */
    private static final double GIVES_MM = 0.5;
    /** Points so close above the level, and so near, bound the spot. */
    private static final double ABOVE_MM = 6;

    private static final double NEAR_MM = 12;

    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    private final double groundMm;
    private final Geometry hull;

    private Footprint(double groundMm, Geometry hull) {
        this.groundMm = groundMm;
        this.hull = hull;
    }

    static Footprint of(List<Part> parts) {
        double ground = ground(parts);
        List<Point3> points = new ArrayList<>();
        for (Part part : parts) {
            if (notUnder(part) > ground + GIVES_MM) {
                continue;
            }
            List<Point3> own = part.posed().hull();
            for (Placement.Spot spot : part.placement().spots(part.count())) {
                own.stream()
                        .map(spot::of)
                        .filter(point -> point.upMm() < ground + GIVES_MM + ABOVE_MM)
                        .forEach(points::add);
            }
        }
        Geometry hull = hull(under(points, ground + TOUCHING_MM));
        return new Footprint(ground, hull instanceof Polygon ? hull : spot(points, ground + GIVES_MM));
    }

    private static List<Point3> under(List<Point3> points, double level) {
        return points.stream().filter(p -> p.upMm() <= level).toList();
    }

    private static Geometry hull(List<Point3> points) {
        Coordinate[] touching = points.stream()
                .map(p -> new Coordinate(p.acrossMm(), p.frontMm()))
                .toArray(Coordinate[]::new);
        return GEOMETRY.createMultiPointFromCoords(touching).convexHull();
    }

    /** The section at a level of all that bulges below it: where lines from points below it to points close above cross it. */
    private static Geometry spot(List<Point3> points, double level) {
        List<Point3> below = under(points, level);
        List<Point3> crossings = new ArrayList<>(below);
        for (Point3 high : points) {
            if (high.upMm() > level && high.upMm() < level + ABOVE_MM) {
                below.stream()
                        .filter(low ->
                                Math.hypot(low.acrossMm() - high.acrossMm(), low.frontMm() - high.frontMm()) < NEAR_MM)
                        .forEach(low -> crossings.add(crossing(low, high, level)));
            }
        }
        return hull(crossings);
    }

    private static Point3 crossing(Point3 low, Point3 high, double level) {
        double share = (level - low.upMm()) / (high.upMm() - low.upMm());
        return new Point3(
                low.acrossMm() + share * (high.acrossMm() - low.acrossMm()),
                low.frontMm() + share * (high.frontMm() - low.frontMm()),
                level);
    }

    double groundMm() {
        return groundMm;
    }

    /** How far inside its edge a place lies; negative when it lies outside. */
    double inside(Point3 place) {
        Point at = GEOMETRY.createPoint(new Coordinate(place.acrossMm(), place.frontMm()));
        if (hull instanceof Polygon polygon && polygon.covers(at)) {
            return polygon.getExteriorRing().distance(at);
        }
        return -hull.distance(at);
    }

    /** The middle of it, at a height above the ground. */
    Point3 middle(double aboveMm) {
        Point middle = hull.getCentroid();
        return new Point3(middle.getX(), middle.getY(), groundMm + aboveMm);
    }

    /** Its corners: across, front, across, front ..., mm. */
    List<Double> corners() {
        return Arrays.stream(hull.getCoordinates())
                .flatMap(c -> List.of(c.x, c.y).stream())
                .toList();
    }

    boolean touches(Part part) {
        return notUnder(part) <= groundMm + GIVES_MM && lowest(part) <= groundMm + GIVES_MM;
    }

    /** Height of the lowest point of all; parts that cannot reach below another are not looked at closely. */
    private static double ground(List<Part> parts) {
        double ground = Double.POSITIVE_INFINITY;
        List<Low> lowFirst = parts.stream()
                .map(part -> new Low(part, notUnder(part)))
                .sorted(Comparator.comparingDouble(Low::notUnder))
                .toList();
        for (Low low : lowFirst) {
            if (low.notUnder < ground) {
                ground = Math.min(ground, lowest(low.part));
            }
        }
        return ground;
    }

    private record Low(Part part, double notUnder) {}

    /** A height that no point of a part lies under: the lowest corner of its box, leaned. */
    private static double notUnder(Part part) {
        double lean = Math.toRadians(part.placement().tiltDeg());
        Box box = part.posed().box();
        double aside = box.width().mm() / 2 * Math.abs(Math.sin(lean));
        return part.placement().upMm() - aside + Math.min(0, box.height().mm() * Math.cos(lean));
    }

    /** Height of its lowest point; of one that does not lean, that of its base. All its copies are as high. */
    private static double lowest(Part part) {
        Placement.Spot first = part.placement().spots(1).get(0);
        if (part.placement().tiltDeg() == 0) {
            return first.upMm();
        }
        return part.posed().hull().stream()
                .mapToDouble(point -> first.of(point).upMm())
                .min()
                .orElse(0);
    }
}
