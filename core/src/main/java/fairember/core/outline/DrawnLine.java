package fairember.core.outline;

import fairember.core.input.Figures;
import fairember.core.input.InvalidInputException;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.hipparchus.analysis.interpolation.SplineInterpolator;
import org.hipparchus.analysis.polynomials.PolynomialSplineFunction;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;

/**
 * A line through points, straight from one to the next or as one smooth curve through all of them: a natural cubic spline over
 * the lengths of the chords. An outline goes on from the last point to the first.
 *
 * @param xy across, up, across, up ..., mm, each within {@value #MOST_MM}; 2 to {@value #MOST_POINTS} points
 * @param smooth whether it is a curve
 */
public record DrawnLine(List<Double> xy, boolean smooth) {
    public static final int MOST_POINTS = 1000;
    static final double MOST_MM = 400;

    private static final GeometryFactory GEOMETRY = new GeometryFactory();
    private static final int CORNERS_LEAST = 3;
    /** Points of a curve between two given ones, for a chord of a mm. */
    private static final double FINENESS = 40;

    private static final int FINEST = 48;
    private static final int COARSEST = 6;

    /**
     * A line that can be drawn.
     *
     * @throws InvalidInputException on "xy" when a coordinate is missing, too far away or the same as the one before
     */
    public DrawnLine {
        xy = List.copyOf(xy);
        int points = xy.size() / 2;
        if (xy.size() % 2 != 0 || points < 2 || points > MOST_POINTS) {
            throw refused(
                    xy.size() % 2 != 0 ? "half a point" : points + " points",
                    "2 to " + MOST_POINTS,
                    "Add or remove points.");
        }
        for (double v : xy) {
            if (!(Math.abs(v) <= MOST_MM)) {
                throw refused(
                        Figures.show(v, "mm"),
                        "-%s to %s mm".formatted(Figures.show(MOST_MM), Figures.show(MOST_MM)),
                        "Move this point nearer.");
            }
        }
        for (int i = 1; i < points; i++) {
            if (xy.get(2 * i).equals(xy.get(2 * i - 2)) && xy.get(2 * i + 1).equals(xy.get(2 * i - 1))) {
                throw refused(
                        "point " + (i + 1) + " in the same place as the one before",
                        "points apart from each other",
                        "Remove or move this point.");
            }
        }
    }

    /** The same line larger or smaller. */
    public DrawnLine times(double factor) {
        return new DrawnLine(xy.stream().map(v -> v * factor).toList(), smooth);
    }

    /**
     * The line as an open one.
     *
     * @throws InvalidInputException on "xy" when it crosses itself
     */
    public LineString open() {
        LineString line = GEOMETRY.createLineString(smooth ? curve(given()) : coordinates(given()));
        if (!line.isSimple()) {
            throw refused(
                    "a line that crosses itself", "a line that does not", "Move a point, or draw it as two parts.");
        }
        return line;
    }

    /**
     * The outline it is, as a shape that stands on 0.
     *
     * @throws InvalidInputException on "xy" or "outline" when it has no area or crosses itself
     */
    public CutShape outline() {
        if (corners().size() < CORNERS_LEAST) {
            throw refused("2 points", "3 points or more, for an outline", "Add a point.");
        }
        Coordinate[] ring = smooth ? closedCurve() : coordinates(corners());
        List<Double> corners = new ArrayList<>();
        for (Coordinate at : ring) {
            corners.add(at.x);
            corners.add(at.y);
        }
        return CutShape.of(List.of(new CutShape.Ring(corners)));
    }

    private static InvalidInputException refused(String found, String allowed, String fix) {
        return new InvalidInputException("xy", found, allowed, fix);
    }

    private List<Coordinate> given() {
        return IntStream.range(0, xy.size() / 2)
                .mapToObj(i -> new Coordinate(xy.get(2 * i), xy.get(2 * i + 1)))
                .toList();
    }

    /** The points of an outline: where it ends on its first point, that is not one more. */
    private List<Coordinate> corners() {
        List<Coordinate> all = given();
        boolean again = all.get(0).equals2D(all.get(all.size() - 1));
        return again ? all.subList(0, all.size() - 1) : all;
    }

    private static Coordinate[] coordinates(List<Coordinate> points) {
        return points.toArray(Coordinate[]::new);
    }

    private static Coordinate[] curve(List<Coordinate> points) {
        return points.size() < CORNERS_LEAST ? coordinates(points) : along(points, 0, points.size() - 1);
    }

    /** A curve through the points and round again, of which the middle round is kept: its beginning fits its end. */
    private Coordinate[] closedCurve() {
        List<Coordinate> once = corners();
        List<Coordinate> round = new ArrayList<>(once);
        round.addAll(once);
        round.addAll(once);
        round.add(once.get(0));
        Coordinate[] closed = along(round, once.size(), 2 * once.size());
        return IntStream.range(0, closed.length - 1).mapToObj(i -> closed[i]).toArray(Coordinate[]::new);
    }

    /** Points of the curve through all points, from one of them to another. */
    private static Coordinate[] along(List<Coordinate> points, int from, int to) {
        double[] at = new double[points.size()];
        for (int i = 1; i < at.length; i++) {
            at[i] = at[i - 1] + points.get(i).distance(points.get(i - 1));
        }
        SplineInterpolator splines = new SplineInterpolator();
        PolynomialSplineFunction x = splines.interpolate(
                at, points.stream().mapToDouble(Coordinate::getX).toArray());
        PolynomialSplineFunction y = splines.interpolate(
                at, points.stream().mapToDouble(Coordinate::getY).toArray());
        List<Coordinate> curve = new ArrayList<>();
        for (int i = from; i < to; i++) {
            double chord = at[i + 1] - at[i];
            int steps = (int) Math.max(COARSEST, Math.min(FINEST, Math.ceil(Math.sqrt(FINENESS * chord))));
            for (int step = 0; step < steps; step++) {
                double s = at[i] + chord * step / steps;
                curve.add(new Coordinate(x.value(s), y.value(s)));
            }
        }
        curve.add(points.get(to).copy());
        return coordinates(curve);
    }
}
