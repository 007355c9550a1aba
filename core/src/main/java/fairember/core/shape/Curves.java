package fairember.core.shape;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/** Points along arcs and turned profiles, close enough to draw and to stand on. */
final class Curves {
    /** Meridians of a round solid. */
    static final int TURNS = 96;
    /** The same as {@link Outline#FLATNESS_MM} for what is small, as a share of its radius: a bead is round too. */
    private static final double FLATNESS_SHARE = 1 / 200.0;

    private Curves() {}

    /** Part of an ellipse about (0, centreUp) between two angles, in radians from the right, counter-clockwise; quarter turns are met. */
    static List<Outline.Point> arc(double centreUp, double across, double up, double from, double to) {
        double radius = Math.max(across, up);
        double step = 2 * Math.acos(1 - Math.min(Outline.FLATNESS_MM, radius * FLATNESS_SHARE) / radius);
        int steps = 4 * Math.max(2, (int) Math.ceil(Math.abs(to - from) / step / 4));
        List<Outline.Point> points = new ArrayList<>();
        for (int i = 0; i <= steps; i++) {
            double angle = from + (to - from) * i / steps;
            points.add(new Outline.Point(across * Math.cos(angle), centreUp + up * Math.sin(angle)));
        }
        return points;
    }

    static Outline circle(double radius) {
        return ellipse(radius, radius, 0);
    }

    static Outline ellipse(double across, double up, double centreUp) {
        List<Outline.Point> points = arc(centreUp, across, up, 0, 2 * Math.PI);
        return new Outline(points.subList(0, points.size() - 1));
    }

    /** A ring between two circles: the outer one counter-clockwise, its hole the other way round. */
    static List<Outline> annulus(double inner, double outer) {
        List<Outline.Point> hole =
                new ArrayList<>(circle(Math.max(inner, 0.001)).points());
        Collections.reverse(hole);
        return List.of(circle(outer), new Outline(hole));
    }

    /** The ends of a profile of revolution joined over the axis. */
    static Outline mirrored(List<Outline.Point> profile) {
        List<Outline.Point> points = new ArrayList<>(profile);
        for (int i = profile.size() - 1; i >= 0; i--) {
            if (profile.get(i).acrossMm() > 1e-9) {
                points.add(new Outline.Point(
                        -profile.get(i).acrossMm(), profile.get(i).upMm()));
            }
        }
        return new Outline(points);
    }

    static double widest(List<Outline.Point> profile) {
        double widest = 0;
        for (Outline.Point point : profile) {
            widest = Math.max(widest, point.acrossMm());
        }
        return widest;
    }

    static Outline.Point last(List<Outline.Point> profile) {
        return profile.get(profile.size() - 1);
    }

    static double radiusAt(List<Outline.Point> profile, double up) {
        double radius = 0;
        for (int i = 0; i + 1 < profile.size(); i++) {
            Outline.Point a = profile.get(i);
            Outline.Point b = profile.get(i + 1);
            if (Math.min(a.upMm(), b.upMm()) <= up && up <= Math.max(a.upMm(), b.upMm())) {
                double rise = b.upMm() - a.upMm();
                double share = rise == 0 ? 1 : (up - a.upMm()) / rise;
                double here = a.acrossMm() + share * (b.acrossMm() - a.acrossMm());
                radius = Math.max(radius, rise == 0 ? Math.max(a.acrossMm(), b.acrossMm()) : here);
            }
        }
        return radius;
    }

    /** A profile turned about the axis. */
    static List<Point3> turned(List<Outline.Point> profile, int turns) {
        List<Point3> spots = new ArrayList<>();
        for (Outline.Point point : profile) {
            for (int i = 0; i < (point.acrossMm() < 1e-9 ? 1 : turns); i++) {
                double angle = 2 * Math.PI * i / turns;
                spots.add(new Point3(
                        point.acrossMm() * Math.cos(angle), point.acrossMm() * Math.sin(angle), point.upMm()));
            }
        }
        return spots;
    }

    /** Level outlines at several heights, as points of a hull; an outline's "up" lies away from the one who looks. */
    static List<Point3> stacked(List<Outline> level, double... heights) {
        List<Point3> spots = new ArrayList<>();
        for (double up : heights) {
            for (Outline outline : level) {
                outline.points().forEach(p -> spots.add(new Point3(p.acrossMm(), -p.upMm(), up)));
            }
        }
        return spots;
    }

    /** What is seen from the side of a cord that goes round an axis along "across", with its far half turns: one ribbon. */
    static Outline strand(double length, double cord, double radius, double turns) {
        List<Outline.Point> line = new ArrayList<>();
        int steps = Math.max(24, (int) Math.ceil(turns * 48));
        for (int i = 0; i <= steps; i++) {
            line.add(strandAt(length, radius, turns, (double) i / steps, 0));
        }
        return ribbon(line, cord);
    }

    private static Outline.Point strandAt(double length, double radius, double turns, double along, double begun) {
        return new Outline.Point(length * along, radius * Math.cos(2 * Math.PI * (turns * along + begun)));
    }

    /** What is seen from the side of cords that go round an axis along "across": the near half turns as ribbons. */
    static List<Outline> strands(double length, double cord, double radius, double turns, int strands) {
        List<Outline> ribbons = new ArrayList<>();
        int steps = Math.max(12, (int) Math.ceil(turns * 48));
        for (int k = 0; k < strands; k++) {
            double begun = (double) k / strands;
            List<Outline.Point> line = new ArrayList<>();
            for (int i = 0; i <= steps; i++) {
                boolean near = Math.sin(2 * Math.PI * (turns * i / steps + begun)) >= -1e-9;
                if (near) {
                    line.add(strandAt(length, radius, turns, (double) i / steps, begun));
                }
                if ((!near || i == steps) && line.size() > 1) {
                    ribbons.add(ribbon(line, cord));
                }
                line = near ? line : new ArrayList<>();
            }
        }
        return ribbons;
    }

    /** A line of points thickened to a ribbon. */
    static Outline ribbon(List<Outline.Point> line, double width) {
        List<Outline.Point> left = new ArrayList<>();
        List<Outline.Point> right = new ArrayList<>();
        for (int i = 0; i < line.size(); i++) {
            Outline.Point a = line.get(Math.max(0, i - 1));
            Outline.Point b = line.get(Math.min(line.size() - 1, i + 1));
            double along = Math.hypot(b.acrossMm() - a.acrossMm(), b.upMm() - a.upMm());
            double across = -(b.upMm() - a.upMm()) / along * width / 2;
            double up = (b.acrossMm() - a.acrossMm()) / along * width / 2;
            Outline.Point p = line.get(i);
            left.add(new Outline.Point(p.acrossMm() + across, p.upMm() + up));
            right.add(0, new Outline.Point(p.acrossMm() - across, p.upMm() - up));
        }
        left.addAll(right);
        return new Outline(left);
    }
}
