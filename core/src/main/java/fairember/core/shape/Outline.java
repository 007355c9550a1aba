package fairember.core.shape;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.function.UnaryOperator;

/**
 * A closed polygon in the plane of a section or a view, without a repeated last point. The origin is the middle of the
 * solid's base.
 *
 * @param points corners in order, at least three
 */
public record Outline(List<Point> points) {
    /** Greatest distance in mm between a true curve and the polygon drawn for it. */
    public static final double FLATNESS_MM = 0.02;

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

    /** The convex outline around points, counter-clockwise (Andrew's monotone chain). */
    public static Outline around(List<Point> points) {
        List<Point> sorted = points.stream()
                .sorted(Comparator.comparingDouble(Point::acrossMm).thenComparingDouble(Point::upMm))
                .toList();
        List<Point> chain = new ArrayList<>(half(sorted));
        List<Point> back = new ArrayList<>(sorted);
        Collections.reverse(back);
        chain.addAll(half(back));
        return new Outline(chain);
    }

    private static List<Point> half(List<Point> sorted) {
        List<Point> chain = new ArrayList<>();
        for (Point point : sorted) {
            while (chain.size() > 1 && turn(chain.get(chain.size() - 2), chain.get(chain.size() - 1), point) <= 0) {
                chain.remove(chain.size() - 1);
            }
            chain.add(point);
        }
        return chain.subList(0, Math.max(0, chain.size() - 1));
    }

    /** Above 0 when the way from a by b to c turns to the left. */
    private static double turn(Point a, Point b, Point c) {
        return (b.acrossMm() - a.acrossMm()) * (c.upMm() - a.upMm())
                - (b.upMm() - a.upMm()) * (c.acrossMm() - a.acrossMm());
    }

    public Outline mapped(UnaryOperator<Point> map) {
        return new Outline(points.stream().map(map).toList());
    }

    public Outline moved(double acrossMm, double upMm) {
        return mapped(p -> new Point(p.acrossMm() + acrossMm, p.upMm() + upMm));
    }

    /** Turned so that what lay along "across" stands upright on 0. */
    Outline upright() {
        return mapped(p -> new Point(/* acrossMm= */ p.upMm(), /* upMm= */ p.acrossMm()));
    }
}
