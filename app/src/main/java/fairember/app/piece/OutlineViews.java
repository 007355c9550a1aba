package fairember.app.piece;

import fairember.core.shape.Outline;
import java.util.ArrayList;
import java.util.List;

/** Outlines as flat lists across, up, across, up ..., in mm to the hundredth. */
public final class OutlineViews {
    private OutlineViews() {}

    public static List<List<Double>> of(List<Outline> outlines) {
        return outlines.stream().map(OutlineViews::flat).toList();
    }

    private static List<Double> flat(Outline outline) {
        List<Double> flat = new ArrayList<>(2 * outline.points().size());
        for (Outline.Point point : outline.points()) {
            flat.add(hundredths(point.acrossMm()));
            flat.add(hundredths(point.upMm()));
        }
        return flat;
    }

    private static double hundredths(double mm) {
        return Math.round(mm * 100) / 100.0;
    }
}
