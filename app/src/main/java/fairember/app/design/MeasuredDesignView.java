package fairember.app.design;

import fairember.app.web.AdviceView;
import fairember.app.web.WorkingsView;
import fairember.core.bake.BakeNeed;
import fairember.core.bake.BakeNeedWorkings;
import fairember.core.balance.Balance;
import fairember.core.balance.Balancing;
import fairember.core.design.CheckLine;
import fairember.core.design.Layer;
import fairember.core.design.MeasuredDesign;
import fairember.core.design.MeasuredInsert;
import fairember.core.design.MeasuredNonClay;
import fairember.core.design.MeasuredPart;
import fairember.core.design.MeasuredStage;
import fairember.core.design.MeasuredUse;
import fairember.core.design.MeasuredUseWorkings;
import fairember.core.design.OneLump;
import fairember.core.design.OrderBreak;
import fairember.core.design.PaintedPart;
import fairember.core.design.Part;
import fairember.core.design.Room;
import fairember.core.foilcore.FoilRoll;
import fairember.core.foilcore.Sleeve;
import fairember.core.foilcore.SleeveWorkings;
import fairember.core.quantity.Minutes;
import fairember.core.studio.Settings;
import fairember.core.wire.Wire;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** A design with its sums, for one design. */
public record MeasuredDesignView(
        List<MeasuredPartView> parts,
        List<MeasuredStageView> stages,
        List<MeasuredInsertView> inserts,
        List<MeasuredWireView> wires,
        List<NonClayView> nonClay,
        List<String> checkLines,
        List<OrderBreakView> orderBreaks,
        List<SupplyUseView> uses,
        BalanceView balance,
        double clayG,
        double foilG,
        double fittedG,
        double weightG,
        double claySavedG,
        double tornMm,
        MeasuredPartView.BoxView box,
        List<AdviceView> advice) {

    /** A stage bake with its need of the oven; with minutes in the air instead when it dries there. */
    public record MeasuredStageView(
            String name,
            double lowC,
            double highC,
            double bakingMin,
            @Nullable Double driesMin,
            double solidBakingMin,
            double mostMin,
            double thickestMm,
            String reason,
            int unitsEach,
            MeasuredPartView.BoxView unit,
            double massG,
            List<ContentView> contents,
            @Nullable RawTogetherView lump,
            WorkingsView workings) {
        static MeasuredStageView of(MeasuredStage measured) {
            BakeNeed need = measured.need();
            return new MeasuredStageView(
                    measured.stage().name(),
                    need.window().low().c(),
                    need.window().high().c(),
                    need.bakingTime().min(),
                    need.drying().map(Minutes::min).orElse(null),
                    measured.solidBakingTime().min(),
                    need.most().min(),
                    need.thickest().mm(),
                    need.reason(),
                    measured.unitsEach(),
                    MeasuredPartView.BoxView.of(measured.unit()),
                    measured.mass().g(),
                    measured.contents().stream().map(ContentView::of).toList(),
                    RawTogetherView.of(measured.lump()),
                    WorkingsView.of(BakeNeedWorkings.of(need)));
        }
    }

    /** Raw parts that are thicker together than alone, and how far the thickness may be off. */
    public record RawTogetherView(String parts, double thickestMm, double withinMm) {
        static @Nullable RawTogetherView of(@Nullable OneLump lump) {
            return lump == null
                    ? null
                    : new RawTogetherView(
                            lump.words(), lump.thickest().mm(), lump.within().mm());
        }
    }

    /** Something in a bake. */
    public record ContentView(String name, MeasuredStage.Content.State state) {
        static ContentView of(MeasuredStage.Content content) {
            return new ContentView(content.name(), content.state());
        }
    }

    /** An insert with its sleeve and the sheet round it. */
    public record MeasuredInsertView(
            String name,
            double outerMm,
            double stripMm,
            double foilG,
            double sheetMm,
            double widthMm,
            WorkingsView workings) {
        static MeasuredInsertView of(MeasuredInsert measured, FoilRoll roll) {
            Sleeve sleeve = measured.sleeve();
            return new MeasuredInsertView(
                    measured.insert().name(),
                    sleeve.outer().mm(),
                    sleeve.strip().mm(),
                    sleeve.foil().g(),
                    sleeve.sheet().mm(),
                    sleeve.covered().mm(),
                    WorkingsView.of(SleeveWorkings.of(sleeve, roll)));
        }
    }

    /**
     * Something that is not clay, as it is drawn.
     *
     * @param massG of one copy
     * @param apartMm between neighbours that are scattered over a dome; 0 in any other arrangement
     * @param hex its colour after the oven when it is made of a design, that of the first part of this; null otherwise
     * @param side seen from the right; null when it is as from the front
     */
    public record NonClayView(
            String name,
            double massG,
            MeasuredPartView.BoxView box,
            List<MeasuredPartView.SpotView> spots,
            double apartMm,
            @Nullable String hex,
            List<String> front,
            @Nullable List<String> side) {
        static NonClayView of(MeasuredNonClay other, double withinMm) {
            Part body = other.thing().body();
            PosedViews views = PosedViews.of(body, null, withinMm);
            MeasuredDesign made = other.made();
            return new NonClayView(
                    body.name(),
                    other.each().g(),
                    MeasuredPartView.BoxView.of(body.posed().box()),
                    MeasuredPartView.SpotView.all(body, withinMm),
                    body.placement().apartOnDome(body.count()),
                    made == null
                            ? null
                            : made.parts().get(0).mix().colour().cured().srgb().hex(),
                    views.front(),
                    views.side());
        }
    }

    /**
     * A step out of order: which, counted from 0, the one it should come next to, or null when only its bake is wrong, and where it
     * should be done.
     */
    public record OrderBreakView(
            int step, @Nullable Integer beside, boolean after, int assembly, int bake, String message, String fix) {
        static OrderBreakView of(OrderBreak broken) {
            return new OrderBreakView(
                    broken.step(),
                    broken.beside(),
                    broken.after(),
                    broken.to().assembly(),
                    broken.to().bake(),
                    broken.message(),
                    broken.fix());
        }
    }

    /**
     * What a step takes of a supply.
     *
     * @param surfaceMm2 of one piece that it is put on
     * @param each what one piece takes, in the supply's unit
     * @param dryingMin of all its coats in the studio's air
     */
    public record SupplyUseView(
            int step,
            long supplyId,
            double surfaceMm2,
            double each,
            String unit,
            double dryingMin,
            List<PaintedPartView> painted,
            WorkingsView workings) {
        static SupplyUseView of(MeasuredUse use, Room room) {
            return new SupplyUseView(
                    use.step(),
                    use.supply().id(),
                    use.surface().mm2(),
                    use.each(),
                    use.supply().unit().label(),
                    use.drying().min(),
                    use.painted().stream().map(PaintedPartView::of).toList(),
                    WorkingsView.of(MeasuredUseWorkings.of(use, room)));
        }
    }

    /**
     * A part under coats of a paint.
     *
     * @param shows how different that is from a thick coat, ΔE00
     * @param hides coats that hide what is below; 0 when too many would be needed
     */
    public record PaintedPartView(int part, String belowHex, String aboveHex, double shows, int hides) {
        static PaintedPartView of(PaintedPart painted) {
            return new PaintedPartView(
                    painted.part(), painted.below().hex(), painted.above().hex(), painted.shows(), painted.hides());
        }
    }

    /** A wire with what to cut for one and where its corners lie when it is bent: across, up, across, up ... */
    public record MeasuredWireView(String name, double cutMm, double massG, int gaugeNumber, List<Double> corners) {
        static MeasuredWireView of(Wire wire) {
            return new MeasuredWireView(
                    wire.name(),
                    wire.length().mm(),
                    wire.mass().g(),
                    wire.gauge().number(),
                    wire.corners().stream()
                            .flatMap(c -> Stream.of(c.acrossMm(), c.upMm()))
                            .toList());
        }
    }

    /** What a part is a layer over; null for any other part. */
    private static @Nullable Part covered(MeasuredDesign design, MeasuredPart measured) {
        Layer layer = measured.part().layer();
        return layer == null ? null : design.design().covered(measured.part(), layer);
    }

    public static MeasuredDesignView of(MeasuredDesign design, Settings settings) {
        Balance balance = Balancing.balance(design);
        double withinMm = PosedViews.withinMm(design.box());
        return new MeasuredDesignView(
                design.parts().stream()
                        .map(part -> MeasuredPartView.of(part, covered(design, part), settings.cord(), withinMm))
                        .toList(),
                design.stages().stream().map(MeasuredStageView::of).toList(),
                design.inserts().stream()
                        .map(insert -> MeasuredInsertView.of(insert, settings.roll()))
                        .toList(),
                design.design().armature().wires().stream()
                        .map(MeasuredWireView::of)
                        .toList(),
                design.nonClay().stream()
                        .map(other -> NonClayView.of(other, withinMm))
                        .toList(),
                design.design().checkLines().stream().map(CheckLine::words).toList(),
                design.orderBreaks().stream().map(OrderBreakView::of).toList(),
                design.uses().stream()
                        .map(use -> SupplyUseView.of(use, settings.air()))
                        .toList(),
                BalanceView.of(balance),
                design.clay().g(),
                design.foil().g(),
                design.fitted().g(),
                design.weight().g(),
                design.claySaved().g(),
                design.torn().mm(),
                MeasuredPartView.BoxView.of(design.box()),
                AdviceView.all(Stream.concat(design.advice().stream(), balance.advice().stream())
                        .toList()));
    }
}
