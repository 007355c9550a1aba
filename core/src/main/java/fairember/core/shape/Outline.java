package fairember.core.shape;

import java.util.ArrayList;
import java.util.List;

/**
 * A closed polygon in the plane of a section or a view, without a repeated last point. The origin is the middle of the
 * solid's base.
 *
 * @param points corners in order, at least three
 */
public record Outline(List<Point> points) {
    /** Greatest distance in mm between a true curve and the polygon drawn for it. */
    static final double FLATNESS_MM = 0.02;

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
        return of(left, bottom, right, bottom, right, top, left, top);
    }

    static Outline of(double... acrossUp) {
        List<Point> points = new ArrayList<>();
        for (int i = 0; i < acrossUp.length; i += 2) {
            points.add(new Point(acrossUp[i], acrossUp[i + 1]));
        }
        return new Outline(points);
    }

    /** The part of a circle between two angles, in radians from the right and counter-clockwise, closed by its chord. */
    static Outline arc(double centreUp, double radius, double from, double to) {
        double step = 2 * Math.acos(1 - Math.min(FLATNESS_MM, radius / 2) / radius);
        boolean full = to - from >= 2 * Math.PI;
        int steps = Math.max(8, (int) Math.ceil((to - from) / step));
        List<Point> points = new ArrayList<>();
        for (int i = 0; i < (full ? steps : steps + 1); i++) {
            double angle = from + (to - from) * i / steps;
            points.add(new Point(radius * Math.cos(angle), centreUp + radius * Math.sin(angle)));
        }
        return new Outline(points);
    }
}
