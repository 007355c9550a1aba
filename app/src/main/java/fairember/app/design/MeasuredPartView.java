package fairember.app.design;

import fairember.app.web.AdviceView;
import fairember.app.web.WorkingsView;
import fairember.core.covering.Covering;
import fairember.core.covering.CoveringWorkings;
import fairember.core.covering.PatternCutting;
import fairember.core.design.Layer;
import fairember.core.design.MeasuredPart;
import fairember.core.design.Part;
import fairember.core.design.Placement;
import fairember.core.foilcore.SizedCore;
import fairember.core.portion.BlockShare;
import fairember.core.portion.Portion;
import fairember.core.portion.Portioning;
import fairember.core.quantity.Length;
import fairember.core.quantity.Mass;
import fairember.core.shape.Band;
import fairember.core.shape.Box;
import fairember.core.shape.Point3;
import fairember.core.shape.Posed;
import fairember.core.shape.SolidDescription;
import fairember.core.stock.BlockSize;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A part with its sums, for one copy.
 *
 * @param boredMm3 clay that inserts take out of it
 * @param cordMm length of the cord, as thick as the studio cuts them, that holds its clay
 * @param sheetMm length of the sheet of a wrapped band, on the neutral line, seam not counted; null for other shapes
 * @param apartMm between neighbours that are scattered over a dome; 0 in any other arrangement
 * @param section cut upright through the middle; null when it is as from the front
 * @param side seen from the right; null when it is as from the front
 * @param share of a block that comes nearest; null when no block of its clays is known
 */
public record MeasuredPartView(
        double volumeMm3,
        double boredMm3,
        double surfaceMm2,
        double massG,
        double ballMm,
        double cordMm,
        CordCutView cut,
        @Nullable Double sheetMm,
        @Nullable ShareView share,
        double thickestMm,
        ThickestAtView thickestAt,
        double densityGPerCm3,
        double greatestMm,
        BoxView box,
        String mixName,
        String rawHex,
        String curedHex,
        List<SpotView> spots,
        double apartMm,
        @Nullable List<String> section,
        List<String> front,
        @Nullable List<String> side,
        @Nullable SizedCoreView core,
        @Nullable LayerView layer,
        List<AdviceView> advice) {

    /**
     * What a layer is cut from.
     *
     * @param sheetMm2 area of its sheet, as thick as the layer, without trim
     * @param pieces to cut for it; none for a form that no pattern is known of
     */
    public record LayerView(double sheetMm2, List<PatternPieceView> pieces, WorkingsView workings) {
        private static final int GORES = 8;

        static LayerView of(Covering covering, Layer layer) {
            double[] reach = layer.reach(new Length(1));
            return new LayerView(
                    covering.sheet().mm2(),
                    (layer.share().of1() < 1
                                    ? PatternCutting.pieces(covering, GORES, reach[0], reach[1])
                                    : PatternCutting.pieces(covering, GORES))
                            .stream().map(PatternPieceView::of).toList(),
                    WorkingsView.of(CoveringWorkings.of(covering)));
        }
    }

    /** Where the largest ball in the clay has its middle, from the middle of the part's base, as it is turned. */
    public record ThickestAtView(double acrossMm, double upMm) {}

    /** Width across, depth front to back, height. */
    public record BoxView(double widthMm, double depthMm, double heightMm) {
        public static BoxView of(Box box) {
            return new BoxView(box.width().mm(), box.depth().mm(), box.height().mm());
        }

        /** The box between two heights. */
        static BoxView of(Box box, double[] reach) {
            return new BoxView(box.width().mm(), box.depth().mm(), reach[1] - reach[0]);
        }
    }

    /**
     * Where a copy stands: the middle of its base, its lean, and whether it is mirrored left for right.
     *
     * @param side what is seen of it from the right when it leans, about the middle of its base; null when it stands upright and
     *     looks as the part does
     */
    public record SpotView(
            double acrossMm,
            double upMm,
            double frontMm,
            double tiltDeg,
            boolean mirrored,
            @Nullable List<String> side) {
        private static double hundredths(double mm) {
            return Math.round(mm * 100) / 100.0;
        }

        static List<SpotView> all(Part part, double withinMm) {
            Posed posed = part.posed();
            return part.placement().spots(part.count()).stream()
                    .map(spot -> of(spot, posed, withinMm))
                    .toList();
        }

        private static SpotView of(Placement.Spot spot, Posed posed, double withinMm) {
            return new SpotView(
                    hundredths(spot.acrossMm()),
                    hundredths(spot.upMm()),
                    hundredths(spot.frontMm()),
                    spot.tiltDeg(),
                    spot.mirrored(),
                    spot.tiltDeg() == 0 ? null : PosedViews.leaning(posed, spot, withinMm));
        }
    }

    /** A share of a block: whole ones, some of a number of equal designs (0 of 0 for none), and by how much it is more. */
    public record ShareView(double blockG, int whole, int taken, int pieces, double errorPercent) {
        static ShareView of(BlockShare share) {
            return new ShareView(share.block().g(), share.whole(), share.taken(), share.pieces(), 100 * share.error());
        }

        /** The share of a portion, when one that a hand can cut is near enough. */
        public static @Nullable ShareView near(Mass wanted, List<Mass> blocks) {
            return BlockShare.nearest(wanted, blocks).map(ShareView::of).orElse(null);
        }
    }

    /** A cord that suits a portion, and how long the design is that holds it. */
    public record CordCutView(double thickMm, double lengthMm) {
        public static CordCutView of(Portion portion) {
            Length thick = Portioning.suitedCord(portion);
            return new CordCutView(thick.mm(), Portioning.cord(portion, thick).mm());
        }
    }

    /** The core of one copy, as it is turned; its sections lie in the part's own. */
    public record SizedCoreView(
            SolidDescription shape,
            int lobes,
            double shellMm,
            double thinnestMm,
            double thickestMm,
            boolean exact,
            double packedGPerCm3,
            double foilG,
            double foilMm2,
            double tornMm,
            int vents,
            double claySavedG,
            double weightSavedG,
            long moneySavedMinor,
            double minutesSaved,
            List<String> section) {
        static SizedCoreView of(SizedCore core, MeasuredPart measured, double withinMm) {
            Posed posed = measured.part().posed();
            return new SizedCoreView(
                    SolidDescription.of(core.inner()),
                    core.inset().cores().size(),
                    core.spec().shell().mm(),
                    core.thinnest().mm(),
                    core.thickest().diameter().mm(),
                    core.inset().exact(),
                    core.density().gPerCm3(),
                    core.foil().g(),
                    core.foilArea().mm2(),
                    core.torn().mm(),
                    core.vents(),
                    measured.claySaved().g(),
                    measured.weightSaved().g(),
                    measured.moneySaved().minor(),
                    measured.minutesSaved().min(),
                    OutlineViews.of(
                            core.inset().cores().stream()
                                    .flatMap(inside -> posed.section(inside).stream())
                                    .toList(),
                            withinMm));
        }
    }

    /** Blocks that a part can be cut from: those on the shelf, of a clay that is used as it comes. */
    private static List<Mass> blocks(MeasuredPart measured) {
        var clays = measured.mix().mix().clays();
        return clays.size() != 1
                ? List.of()
                : clays.get(0).clay().blocks().stream()
                        .filter(block -> block.onShelf() > 0)
                        .map(BlockSize::mass)
                        .distinct()
                        .toList();
    }

    /** @param covered the part that it is a layer over, or null */
    static MeasuredPartView of(MeasuredPart measured, @Nullable Part covered, Length cordThick, double withinMm) {
        SizedCore core = measured.core();
        Covering covering = measured.covering();
        Layer layer = measured.part().layer();
        Posed posed = measured.part().posed();
        PosedViews views = PosedViews.of(measured.part(), covered, withinMm);
        Point3 thickest = posed.turned(measured.thickest().middle());
        return new MeasuredPartView(
                measured.portion().clay().mm3(),
                measured.bored().mm3(),
                posed.solid().surface().mm2(),
                measured.portion().mass().g(),
                measured.portion().ball().mm(),
                Portioning.cord(measured.portion(), cordThick).mm(),
                CordCutView.of(measured.portion()),
                posed.solid() instanceof Band band ? band.sheet().mm() : null,
                ShareView.near(measured.portion().mass(), blocks(measured)),
                measured.thickest().diameter().mm(),
                new ThickestAtView(thickest.acrossMm(), thickest.upMm()),
                measured.mix().density().gPerCm3(),
                measured.mix().window().greatest().mm(),
                BoxView.of(posed.box(), measured.part().reach()),
                measured.mix().mix().name(),
                measured.mix().colour().raw().srgb().hex(),
                measured.mix().colour().cured().srgb().hex(),
                SpotView.all(measured.part(), withinMm),
                measured.part().placement().apartOnDome(measured.part().count()),
                views.section(),
                views.front(),
                views.side(),
                core == null ? null : SizedCoreView.of(core, measured, withinMm),
                covering == null || layer == null ? null : LayerView.of(covering, layer),
                AdviceView.all(measured.advice()));
    }
}
