package fairember.app.batch;

import fairember.app.web.WorkingsView;
import fairember.core.batch.BatchCutting;
import fairember.core.blockcutting.CuttingPlan;
import fairember.core.blockcutting.CuttingPlanWorkings;
import fairember.core.blockcutting.Halving;
import fairember.core.blockcutting.Want;
import fairember.core.wire.Gauge;
import fairember.core.workings.Source;
import java.util.List;

/** How the portions and the wires of a batch are cut. */
public record CuttingView(List<MixCutView> mixes, List<WireCutView> wires) {
    /** The cutting tree of one mix, in grams. */
    public record MixCutView(
            long mixId, String name, String rawHex, String curedHex, boolean fromBlocks, CuttingPlanView plan) {
        static MixCutView of(BatchCutting.MixCut cut) {
            var mix = cut.mix();
            return new MixCutView(
                    mix.mix().id(),
                    mix.mix().name(),
                    mix.colour().raw().srgb().hex(),
                    mix.colour().cured().srgb().hex(),
                    cut.fromBlocks(),
                    CuttingPlanView.of(
                            cut.plan(), "g", cut.fromBlocks() ? Source.ENTERED : Source.WORKED, Source.WORKED));
        }
    }

    /** The cut list of one kind of wire, in mm. */
    public record WireCutView(double gaugeMm, int gaugeNumber, String metal, double totalMm, CuttingPlanView plan) {
        static WireCutView of(BatchCutting.WireCut cut) {
            Gauge gauge = cut.gauge();
            return new WireCutView(
                    gauge.mm(),
                    gauge.number(),
                    cut.metal().label(),
                    cut.total().mm(),
                    CuttingPlanView.of(cut.plan(), "mm", Source.ENTERED, Source.WORKED));
        }
    }

    /** What is cut from what. */
    public record CuttingPlanView(
            List<OpenedView> opened,
            List<CutGroupView> unplaced,
            int cuts,
            double leftOver,
            double missing,
            WorkingsView workings) {
        /** A plan whose sizes are in a unit, empty when nobody said, and where what it cuts and what is wanted came from. */
        public static CuttingPlanView of(CuttingPlan plan, String unit, Source sticks, Source wants) {
            return new CuttingPlanView(
                    plan.opened().stream().map(OpenedView::of).toList(),
                    plan.unplaced().stream().map(CutGroupView::of).toList(),
                    plan.cuts(),
                    plan.leftOver(),
                    plan.missing(),
                    WorkingsView.of(CuttingPlanWorkings.of(plan, unit, sticks, wants)));
        }
    }

    /** A block, lump or coil and what is cut from it. */
    public record OpenedView(String name, double size, List<CutGroupView> groups, double left, int cuts) {
        static OpenedView of(CuttingPlan.Opened opened) {
            return new OpenedView(
                    opened.stick().name(),
                    opened.stick().size(),
                    opened.groups().stream().map(CutGroupView::of).toList(),
                    opened.left(),
                    opened.cuts());
        }
    }

    /** Equal designs: cut all of them off together, then in so many, and each of these in so many, and so on. */
    public record CutGroupView(String name, double size, int count, double together, List<Integer> steps) {
        static CutGroupView of(Want want) {
            return new CutGroupView(
                    want.name(), want.size(), want.count(), want.size() * want.count(), Halving.steps(want.count()));
        }
    }
}
