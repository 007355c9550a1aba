package fairember.core.outline;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;

/** Families of cutters, each with its outline by its measures. All points are across, up in mm, the middle across at 0. */
public enum CutterFamily {
    ROUND("round", false, cutter -> List.of(ellipse(cutter.wideMm(), cutter.wideMm()))),
    OVAL("oval", true, cutter -> List.of(ellipse(cutter.wideMm(), cutter.highMm()))),
    DROP("drop", true, cutter -> List.of(drop(cutter.wideMm(), cutter.highMm()))),
    PETAL("petal", true, cutter -> List.of(upsideDown(drop(cutter.wideMm(), cutter.highMm())))),
    LEAF("leaf", true, cutter -> List.of(leaf(cutter.wideMm(), cutter.highMm()))),
    ARCH("arch", true, cutter -> List.of(arch(cutter.wideMm(), cutter.highMm()))),
    HEART("heart", true, cutter -> List.of(heart(cutter.wideMm(), cutter.highMm()))),
    RECTANGLE("rectangle", true, cutter -> List.of(rectangle(cutter.wideMm(), cutter.highMm(), cutter.cornerMm()))),
    POLYGON("polygon", false, cutter -> List.of(star(cutter.wideMm(), cutter.wideMm(), cutter.points(), 1))),
    STAR("star", false, cutter -> List.of(star(cutter.wideMm(), cutter.innerMm(), cutter.points(), 2))),
    RING(
            "ring",
            false,
            cutter -> List.of(ellipse(cutter.wideMm(), cutter.wideMm()), ellipse(cutter.innerMm(), cutter.innerMm())));

    /** Corners of a whole turn: of a cutter of 100 mm the outline is within 0.02 mm of the curve. */
    private static final int TURN = 180;

    private final String label;
    private final boolean high;
    private final Function<Cutter, List<List<double[]>>> rings;

    CutterFamily(String label, boolean high, Function<Cutter, List<List<double[]>>> rings) {
        this.label = label;
        this.high = high;
        this.rings = rings;
    }

    public String label() {
        return label;
    }

    /** Whether its height is a measure of its own. */
    public boolean high() {
        return high;
    }

    List<CutShape.Ring> rings(Cutter cutter) {
        return rings.apply(cutter).stream().map(CutterFamily::ring).toList();
    }

    private static CutShape.Ring ring(List<double[]> points) {
        List<Double> xy = new ArrayList<>();
        for (double[] point : points) {
            xy.add(point[0]);
            xy.add(point[1]);
        }
        return new CutShape.Ring(xy);
    }

    /** Points of an arc about a middle, both ends taken, angles from the right, in turns against the clock. */
    private static List<double[]> arc(double x, double y, double rx, double ry, double from, double to) {
        int steps = Math.max(2, (int) Math.ceil(Math.abs(to - from) / (2 * Math.PI) * TURN));
        List<double[]> points = new ArrayList<>();
        for (int i = 0; i <= steps; i++) {
            double angle = from + (to - from) * i / steps;
            points.add(new double[] {x + rx * Math.cos(angle), y + ry * Math.sin(angle)});
        }
        return points;
    }

    private static List<double[]> ellipse(double wide, double high) {
        List<double[]> round = arc(0, 0, wide / 2, high / 2, 0, 2 * Math.PI);
        return round.subList(0, round.size() - 1);
    }

    /** A circle at the foot, and the two lines from its sides to the tip. */
    private static List<double[]> drop(double wide, double high) {
        double r = wide / 2;
        double lean = Math.asin(r / (high - r));
        List<double[]> points = arc(0, r, r, r, Math.PI - lean, 2 * Math.PI + lean);
        points.add(new double[] {0, high});
        return points;
    }

    private static List<double[]> upsideDown(List<double[]> points) {
        return points.stream().map(point -> new double[] {point[0], -point[1]}).toList();
    }

    /** Two arcs of one circle that meet at both tips. */
    private static List<double[]> leaf(double wide, double high) {
        double r = (high * high + wide * wide) / (4 * wide);
        double half = Math.asin(high / 2 / r);
        List<double[]> points = arc(wide / 2 - r, 0, r, r, -half, half);
        List<double[]> back = arc(r - wide / 2, 0, r, r, Math.PI - half, Math.PI + half);
        points.addAll(back.subList(1, back.size() - 1));
        return points;
    }

    private static List<double[]> arch(double wide, double high) {
        double r = wide / 2;
        List<double[]> points = new ArrayList<>(List.of(new double[] {-r, 0}, new double[] {r, 0}));
        points.addAll(arc(0, high - r, r, r, 0, Math.PI));
        return points;
    }

    /** The curve 16 sin³t, 13 cos t − 5 cos 2t − 2 cos 3t − cos 4t, stretched to its measures. */
    private static List<double[]> heart(double wide, double high) {
        List<double[]> points = new ArrayList<>();
        double low = Double.POSITIVE_INFINITY;
        double top = Double.NEGATIVE_INFINITY;
        for (int i = 0; i < TURN; i++) {
            double t = 2 * Math.PI * i / TURN;
            double up = 13 * Math.cos(t) - 5 * Math.cos(2 * t) - 2 * Math.cos(3 * t) - Math.cos(4 * t);
            points.add(new double[] {16 * Math.pow(Math.sin(t), 3), up});
            low = Math.min(low, up);
            top = Math.max(top, up);
        }
        double tall = top - low;
        points.forEach(point -> {
            point[0] *= wide / 32;
            point[1] *= high / tall;
        });
        return points;
    }

    private static List<double[]> rectangle(double wide, double high, double corner) {
        double r = Math.min(corner, Math.min(wide, high) / 2);
        double x = wide / 2 - r;
        double y = high / 2 - r;
        if (r <= 0) {
            return List.of(new double[] {-x, -y}, new double[] {x, -y}, new double[] {x, y}, new double[] {-x, y});
        }
        List<double[]> points = new ArrayList<>(arc(x, y, r, r, 0, Math.PI / 2));
        points.addAll(arc(-x, y, r, r, Math.PI / 2, Math.PI));
        points.addAll(arc(-x, -y, r, r, Math.PI, 3 * Math.PI / 2));
        points.addAll(arc(x, -y, r, r, 3 * Math.PI / 2, 2 * Math.PI));
        return distinct(points);
    }

    /** Without points that stand where the one before does: the sides of a round end have no length. */
    private static List<double[]> distinct(List<double[]> points) {
        List<double[]> kept = new ArrayList<>();
        for (double[] point : points) {
            double[] last = kept.isEmpty() ? points.get(points.size() - 1) : kept.get(kept.size() - 1);
            if (Math.hypot(point[0] - last[0], point[1] - last[1]) > 1e-6) {
                kept.add(point);
            }
        }
        return kept;
    }

    /** Corners on a circle, and between them others on a second one where {@code each} is 2; the first points up. */
    private static List<double[]> star(double outer, double inner, int points, int each) {
        List<double[]> corners = new ArrayList<>();
        for (int i = 0; i < points * each; i++) {
            double r = (i % each == 0 ? outer : inner) / 2;
            double angle = Math.PI / 2 + 2 * Math.PI * i / (points * each);
            corners.add(new double[] {r * Math.cos(angle), r * Math.sin(angle)});
        }
        return corners;
    }
}
