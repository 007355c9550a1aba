package fairember.app.piece;

import fairember.app.ways.Ways;
import fairember.app.web.FindingView;
import fairember.app.web.WorkingsView;
import fairember.core.bake.BakeNeed;
import fairember.core.bake.BakeNeedWorkings;
import fairember.core.balance.Balance;
import fairember.core.balance.Balancing;
import fairember.core.foilcore.FoilRoll;
import fairember.core.foilcore.Sleeve;
import fairember.core.foilcore.SleeveWorkings;
import fairember.core.measure.Minutes;
import fairember.core.piece.MeasuredInsert;
import fairember.core.piece.MeasuredPiece;
import fairember.core.piece.MeasuredStage;
import fairember.core.wire.Wire;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** A piece with its sums, for one piece. */
public record MeasuredPieceView(
        List<MeasuredPartView> parts,
        List<MeasuredStageView> stages,
        List<MeasuredInsertView> inserts,
        List<MeasuredWireView> wires,
        List<String> gateLines,
        BalanceView balance,
        double clayG,
        double foilG,
        double fittedG,
        double weightG,
        double claySavedG,
        double tornMm,
        MeasuredPartView.BoxView box,
        List<FindingView> findings) {

    /** A stage bake with its need of the oven; with minutes in the air instead when it dries there. */
    public record MeasuredStageView(
            String name,
            double lowC,
            double highC,
            double holdMin,
            @Nullable Double driesMin,
            double solidHoldMin,
            double mostMin,
            double thickestMm,
            String reason,
            int unitsEach,
            MeasuredPartView.BoxView unit,
            WorkingsView workings) {
        static MeasuredStageView of(MeasuredStage measured) {
            BakeNeed need = measured.need();
            return new MeasuredStageView(
                    measured.stage().name(),
                    need.window().low().c(),
                    need.window().high().c(),
                    need.hold().min(),
                    need.drying().map(Minutes::min).orElse(null),
                    measured.solidHold().min(),
                    need.most().min(),
                    need.thickest().mm(),
                    need.reason(),
                    measured.unitsEach(),
                    MeasuredPartView.BoxView.of(measured.unit()),
                    WorkingsView.of(BakeNeedWorkings.of(need)));
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

    public static MeasuredPieceView of(MeasuredPiece piece, Ways ways) {
        Balance balance = Balancing.balance(piece);
        double withinMm = PosedViews.withinMm(piece.box());
        return new MeasuredPieceView(
                piece.parts().stream()
                        .map(part -> MeasuredPartView.of(part, ways.cord(), withinMm))
                        .toList(),
                piece.stages().stream().map(MeasuredStageView::of).toList(),
                piece.inserts().stream()
                        .map(insert -> MeasuredInsertView.of(insert, ways.roll()))
                        .toList(),
                piece.piece().armature().wires().stream()
                        .map(MeasuredWireView::of)
                        .toList(),
                piece.piece().gateLines(),
                BalanceView.of(balance),
                piece.clay().g(),
                piece.foil().g(),
                piece.fitted().g(),
                piece.weight().g(),
                piece.claySaved().g(),
                piece.torn().mm(),
                MeasuredPartView.BoxView.of(piece.box()),
                FindingView.all(Stream.concat(piece.findings().stream(), balance.findings().stream())
                        .toList()));
    }
}
