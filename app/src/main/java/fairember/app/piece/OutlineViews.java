package fairember.app.piece;

import fairember.core.shape.Outline;
import java.util.ArrayList;
import java.util.List;

/** Outlines as flat lists across, up, across, up ..., in mm to the micrometre. */
public final class OutlineViews {
    private OutlineViews() {}

    public static List<List<Double>> of(List<Outline> outlines) {
        return outlines.stream().map(OutlineViews::flat).toList();
    }

    private static List<Double> flat(Outline outline) {
        List<Double> flat = new ArrayList<>(2 * outline.points().size());
        for (Outline.Point point : outline.points()) {
            flat.add(thousandths(point.acrossMm()));
            flat.add(thousandths(point.upMm()));
        }
        return flat;
    }

    private static double thousandths(double mm) {
        return Math.round(mm * 1000) / 1000.0;
    }
}
