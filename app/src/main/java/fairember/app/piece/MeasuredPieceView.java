package fairember.app.piece;

import fairember.app.web.FindingView;
import fairember.app.web.WorkingsView;
import fairember.core.bake.BakeNeed;
import fairember.core.bake.BakeNeedWorkings;
import fairember.core.piece.MeasuredPiece;
import fairember.core.piece.MeasuredStage;
import java.util.List;

/** A piece with its sums, for one piece. */
public record MeasuredPieceView(
        List<MeasuredPartView> parts,
        List<MeasuredStageView> stages,
        double clayG,
        double foilG,
        double fittedG,
        double weightG,
        double claySavedG,
        double tornMm,
        MeasuredPartView.BoxView box,
        List<FindingView> findings) {

    /** A stage bake with its need of the oven. */
    public record MeasuredStageView(
            String name,
            double lowC,
            double highC,
            double holdMin,
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
                    need.most().min(),
                    need.thickest().mm(),
                    need.reason(),
                    measured.unitsEach(),
                    MeasuredPartView.BoxView.of(measured.unit()),
                    WorkingsView.of(BakeNeedWorkings.of(need)));
        }
    }

    public static MeasuredPieceView of(MeasuredPiece piece) {
        return new MeasuredPieceView(
                piece.parts().stream().map(MeasuredPartView::of).toList(),
                piece.stages().stream().map(MeasuredStageView::of).toList(),
                piece.clay().g(),
                piece.foil().g(),
                piece.fitted().g(),
                piece.weight().g(),
                piece.claySaved().g(),
                piece.torn().mm(),
                MeasuredPartView.BoxView.of(piece.box()),
                FindingView.all(piece.findings()));
    }
}
