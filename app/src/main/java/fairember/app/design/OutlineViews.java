package fairember.app.design;

import fairember.core.shape.Outline;
import java.util.List;

/**
 * Outlines as SVG writes the points of a polygon: "across,up across,up ...", in mm to the hundredth. They are by far most of
 * what is given of a design, and text is made, read and compared much quicker than lists of numbers.
 */
public final class OutlineViews {
    private OutlineViews() {}

    public static List<String> of(List<Outline> outlines) {
        return outlines.stream().map(OutlineViews::points).toList();
    }

    /** The same with fewer corners, straying no farther than a number of mm. */
    static List<String> of(List<Outline> outlines, double withinMm) {
        return of(outlines.stream().map(outline -> outline.coarser(withinMm)).toList());
    }

    private static String points(Outline outline) {
        StringBuilder given = new StringBuilder(14 * outline.points().size());
        for (Outline.Point point : outline.points()) {
            if (!given.isEmpty()) {
                given.append(' ');
            }
            add(given, point.acrossMm());
            given.append(',');
            add(given, point.upMm());
        }
        return given.toString();
    }

    /** A length that is drawn, mm to the hundredth. */
    public static double hundredths(double mm) {
        return Math.round(mm * 100) / 100.0;
    }

    private static void add(StringBuilder given, double mm) {
        long hundredths = Math.round(mm * 100);
        if (hundredths < 0) {
            given.append('-');
        }
        long size = Math.abs(hundredths);
        given.append(size / 100);
        long rest = size % 100;
        if (rest > 0) {
            given.append('.').append(rest / 10);
        }
        if (rest % 10 > 0) {
            given.append(rest % 10);
        }
    }
}
