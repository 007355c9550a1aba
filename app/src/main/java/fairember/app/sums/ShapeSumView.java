package fairember.app.sums;

import fairember.app.design.MeasuredPartView;
import fairember.app.design.OutlineViews;
import fairember.app.web.WorkingsView;
import fairember.core.shape.ShapeWorkings;
import fairember.core.shape.Solid;
import java.util.List;

/** A shape with its measures. */
record ShapeSumView(
        double volumeMm3,
        double surfaceMm2,
        double thickestMm,
        double centroidMm,
        MeasuredPartView.BoxView box,
        List<String> section,
        WorkingsView workings) {
    static ShapeSumView of(Solid solid) {
        return new ShapeSumView(
                solid.volume().mm3(),
                solid.surface().mm2(),
                solid.thickestSection().mm(),
                solid.centroidHeight().mm(),
                MeasuredPartView.BoxView.of(solid.box()),
                OutlineViews.of(solid.section()),
                WorkingsView.of(ShapeWorkings.of(solid)));
    }
}
