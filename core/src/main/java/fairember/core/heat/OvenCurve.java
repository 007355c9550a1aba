package fairember.core.heat;

import fairember.core.input.Figures;
import fairember.core.input.InvalidInputException;
import java.util.List;

/**
 * The temperature of the air over time: through points, straight between them, level before the first and after the last.
 *
 * @param points at least one, each later than the one before
 */
public record OvenCurve(List<Point> points) {
    /**
     * A reading.
     *
     * @param min from the start
     * @param c °C
     */
    public record Point(double min, double c) {}

    /**
     * A curve in order.
     *
     * @throws InvalidInputException on "points" when there is none, one is no number, or they are not in order
     */
    public OvenCurve {
        points = List.copyOf(points);
        if (points.isEmpty()) {
            throw new InvalidInputException("points", "no reading", "one or more", "Enter the oven's temperature.");
        }
        for (int i = 0; i < points.size(); i++) {
            Point point = points.get(i);
            boolean number = Double.isFinite(point.min()) && Double.isFinite(point.c()) && Math.abs(point.c()) <= 400;
            if (!number || (i > 0 && point.min() <= points.get(i - 1).min())) {
                throw new InvalidInputException(
                        "points[" + i + "]",
                        Figures.show(point.c(), "°C") + " at " + Figures.show(point.min(), "min"),
                        "readings in order of time, up to 400 °C",
                        "Remove the reading, or put it in its place.");
            }
        }
    }

    /** An oven that was heated before and keeps its temperature. */
    public static OvenCurve preheated(double c) {
        return new OvenCurve(List.of(new Point(0, c)));
    }

    /** An oven that starts cold and is at its temperature after some minutes. */
    public static OvenCurve cold(double roomC, double c, double preheatMin) {
        return preheatMin <= 0 ? preheated(c) : new OvenCurve(List.of(new Point(0, roomC), new Point(preheatMin, c)));
    }

    /** °C at a time, in minutes. */
    public double at(double min) {
        if (min <= points.get(0).min()) {
            return points.get(0).c();
        }
        int low = 0;
        int high = points.size() - 1;
        if (min >= points.get(high).min()) {
            return points.get(high).c();
        }
        while (high - low > 1) {
            int middle = (low + high) >>> 1;
            if (points.get(middle).min() <= min) {
                low = middle;
            } else {
                high = middle;
            }
        }
        Point before = points.get(low);
        Point after = points.get(high);
        double share = (min - before.min()) / (after.min() - before.min());
        return before.c() + share * (after.c() - before.c());
    }
}
