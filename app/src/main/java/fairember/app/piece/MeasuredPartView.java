package fairember.app.piece;

import fairember.app.web.FindingView;
import fairember.core.foilcore.SizedCore;
import fairember.core.piece.MeasuredPart;
import fairember.core.piece.Placement;
import fairember.core.shape.Box;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A part with its sums, for one copy. */
public record MeasuredPartView(
        double volumeMm3,
        double surfaceMm2,
        double massG,
        double ballMm,
        double thickestMm,
        ThickestAtView thickestAt,
        double densityGPerCm3,
        double greatestMm,
        BoxView box,
        String mixName,
        String rawHex,
        String curedHex,
        List<SpotView> spots,
        List<List<Double>> section,
        List<List<Double>> front,
        @Nullable SizedCoreView core,
        List<FindingView> findings) {

    /** Where the largest ball in the clay has its middle, from the middle of the part's base. */
    public record ThickestAtView(double acrossMm, double upMm) {}

    /** Width across, depth front to back, height. */
    public record BoxView(double widthMm, double depthMm, double heightMm) {
        public static BoxView of(Box box) {
            return new BoxView(box.width().mm(), box.depth().mm(), box.height().mm());
        }
    }

    /** Where a copy stands: the middle of its base, and its lean. */
    public record SpotView(double acrossMm, double upMm, double frontMm, double tiltDeg) {
        static SpotView of(Placement.Spot spot) {
            return new SpotView(spot.acrossMm(), spot.upMm(), spot.frontMm(), spot.tiltDeg());
        }
    }

    /** The core of one copy; its outline stands one shell above the part's base. */
    public record SizedCoreView(
            ShapeForm shape,
            double shellMm,
            double thickestMm,
            double foilG,
            double foilMm2,
            double tornMm,
            double claySavedG,
            List<List<Double>> section) {
        static SizedCoreView of(SizedCore core, double claySavedG) {
            return new SizedCoreView(
                    ShapeForm.of(core.inner()),
                    core.thinnest().mm(),
                    core.thickest().diameter().mm(),
                    core.foil().g(),
                    core.foilArea().mm2(),
                    core.torn().mm(),
                    claySavedG,
                    OutlineViews.of(core.inner().section()));
        }
    }

    static MeasuredPartView of(MeasuredPart measured) {
        SizedCore core = measured.core();
        var solid = measured.part().solid();
        return new MeasuredPartView(
                measured.portion().clay().mm3(),
                solid.surface().mm2(),
                measured.portion().mass().g(),
                measured.portion().ball().mm(),
                measured.thickest().diameter().mm(),
                new ThickestAtView(
                        measured.thickest().acrossMm(), measured.thickest().upMm()),
                measured.mix().density().gPerCm3(),
                measured.mix().window().greatest().mm(),
                BoxView.of(solid.box()),
                measured.mix().mix().name(),
                measured.mix().colour().raw().srgb().hex(),
                measured.mix().colour().cured().srgb().hex(),
                measured.part().placement().spots(measured.part().count()).stream()
                        .map(SpotView::of)
                        .toList(),
                OutlineViews.of(solid.section()),
                OutlineViews.of(solid.front()),
                core == null
                        ? null
                        : SizedCoreView.of(core, measured.claySaved().g()),
                FindingView.all(measured.findings()));
    }
}
