package fairember.core.balance;

import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.LoadingCache;
import fairember.core.design.Part;
import fairember.core.shape.Point3;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Point;

/**
 * What a design stands on: the convex hull of all that touches the ground. A flat underside stands on all of itself. A round
 * one (a ball, a rod lying down, a disc on its edge, whatever leans) gives by half a millimetre when it is set down, and so
 * stands on its level section there.
 */
final class Footprint {
    /** Clay this near the ground touches it. */
    private static final double TOUCHING_MM = 0.05;
    /** A round underside gives by so much when it is set down. */
    private static final double GIVES_MM = 0.5;
    /** Looked at so little above its lowest point, a flat underside is no narrower and widens no faster than this. */
    private static final double HARDLY_MM = 0.001;

    private static final double LEAST_MM = 0.3;
    private static final double STEEPEST = 5;
    private static final int SETTINGS = 8;
    private static final int SIDES = 180;
    private static final double BESIDE = 1e-4;
    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    /** Most changes of a design leave its forms as they were. */
    private static final LoadingCache<List<Part>, Footprint> KNOWN =
            Caffeine.newBuilder().maximumSize(200).build(Footprint::found);

    private final double groundMm;
    private final List<Foot> feet;

    /** How far it reaches to each of the sides, mm. */
    private final double[] reach = new double[SIDES];

    /** Its corners, worked out when somebody wants them; the same whoever does. */
    private volatile @Nullable List<Coordinate> outline;

    /** What stands on the ground, and the height of the section that it stands on. */
    private record Foot(Stand stand, double levelMm) {}

    private Footprint(double groundMm, List<Foot> feet) {
        this.groundMm = groundMm;
        this.feet = feet;
        for (int i = 0; i < SIDES; i++) {
            reach[i] = reach(angle(i));
        }
    }

    static Footprint of(List<Part> parts) {
        return KNOWN.get(List.copyOf(parts));
    }

    private static Footprint found(List<Part> parts) {
        List<Stand> stands =
                parts.stream().flatMap(part -> Stand.of(part).stream()).toList();
        double ground = stands.stream().mapToDouble(Stand::lowestMm).min().orElse(0);
        List<Stand> flat = stands.stream()
                .filter(stand -> stand.lowestMm() <= ground + TOUCHING_MM && isFlat(stand))
                .toList();
        // What is flat keeps the rest from giving way more than that.
        double within = flat.isEmpty() ? GIVES_MM : TOUCHING_MM;
        List<Foot> feet = new ArrayList<>();
        for (Stand stand : stands) {
            double lowest = stand.lowestMm();
            if (lowest <= ground + within) {
                feet.add(new Foot(stand, flat.contains(stand) ? lowest + HARDLY_MM : ground + GIVES_MM));
            }
        }
        return new Footprint(ground, feet);
    }

    private static boolean isFlat(Stand stand) {
        double low = stand.lowestMm() + HARDLY_MM;
        for (int k = 0; k < SETTINGS; k++) {
            double angle = Math.PI * k / SETTINGS;
            double here = stand.section(angle, low);
            double there = stand.section(angle + Math.PI, low);
            double wider = Math.max(
                    stand.section(angle, low + HARDLY_MM) - here,
                    stand.section(angle + Math.PI, low + HARDLY_MM) - there);
            if (here + there < LEAST_MM || wider > STEEPEST * HARDLY_MM) {
                return false;
            }
        }
        return true;
    }

    private static double angle(double side) {
        return 2 * Math.PI * side / SIDES;
    }

    private double reach(double angle) {
        double reach = Double.NEGATIVE_INFINITY;
        for (Foot foot : feet) {
            reach = Math.max(reach, foot.stand.section(angle, foot.levelMm));
        }
        return reach;
    }

    double groundMm() {
        return groundMm;
    }

    /** How far inside its edge a place lies: the least way to any side; negative when it lies outside. */
    double inside(Point3 place) {
        int nearest = 0;
        for (int i = 1; i < SIDES; i++) {
            if (way(i, place) < way(nearest, place)) {
                nearest = i;
            }
        }
        double best = way(nearest, place);
        for (double step = 0.5; step > 1e-4; step /= 2) {
            for (double side : new double[] {nearest - step, nearest + step}) {
                best = Math.min(best, reach(angle(side)) - along(angle(side), place));
            }
        }
        return best;
    }

    private double way(int side, Point3 place) {
        return reach[side] - along(angle(side), place);
    }

    private static double along(double angle, Point3 place) {
        return place.acrossMm() * Math.cos(angle) + place.frontMm() * Math.sin(angle);
    }

    /** The middle of it, at a height above the ground. */
    Point3 middle(double aboveMm) {
        List<Coordinate> ring = new ArrayList<>(outline());
        ring.add(ring.get(0));
        Point middle = GEOMETRY.createPolygon(ring.toArray(Coordinate[]::new)).getCentroid();
        return new Point3(middle.getX(), middle.getY(), groundMm + aboveMm);
    }

    /** Its corners: across, front, across, front ..., mm. */
    List<Double> corners() {
        return outline().stream().flatMap(c -> List.of(c.x, c.y).stream()).toList();
    }

    /** The point that is farthest to each side, s·e + s'·e⊥; what is one corner is given once. */
    private List<Coordinate> outline() {
        List<Coordinate> known = outline;
        if (known != null) {
            return known;
        }
        List<Coordinate> corners = new ArrayList<>();
        for (int i = 0; i < SIDES; i++) {
            double angle = angle(i);
            double slope = (reach(angle + BESIDE) - reach(angle - BESIDE)) / (2 * BESIDE);
            Coordinate corner = new Coordinate(
                    reach[i] * Math.cos(angle) - slope * Math.sin(angle),
                    reach[i] * Math.sin(angle) + slope * Math.cos(angle));
            if (corners.isEmpty() || corners.get(corners.size() - 1).distance(corner) > 0.001) {
                corners.add(corner);
            }
        }
        outline = corners;
        return corners;
    }

    /** Whether a part stands on the ground. */
    boolean touches(Part part) {
        return Stand.of(part).stream().anyMatch(stand -> stand.lowestMm() <= groundMm + GIVES_MM);
    }
}
