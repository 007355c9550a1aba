package fairember.app.design;

import fairember.app.web.AdviceView;
import fairember.app.web.WorkingsView;
import fairember.core.balance.Balance;
import fairember.core.balance.BalanceWorkings;
import fairember.core.balance.Ballast;
import fairember.core.balance.Standing;
import fairember.core.balance.Wearing;
import fairember.core.balance.Weight;
import fairember.core.quantity.Mass;
import fairember.core.shape.Point3;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** How a design stands, hangs or is worn, with its cores and beside it as if solid. */
public record BalanceView(
        List<WeightView> weights,
        double massG,
        MassPlaceView centre,
        double solidMassG,
        MassPlaceView solidCentre,
        @Nullable FootingView standing,
        @Nullable FootingView solidStanding,
        List<BallastView> ballast,
        @Nullable Double hangTiltDeg,
        @Nullable Double topPercent,
        @Nullable Double earringG,
        @Nullable String earringWears,
        List<AdviceView> advice,
        WorkingsView workings) {

    /** A place in the design, from its middle on the ground. */
    public record MassPlaceView(double acrossMm, double frontMm, double upMm) {
        static MassPlaceView of(Point3 at) {
            return new MassPlaceView(at.acrossMm(), at.frontMm(), at.upMm());
        }
    }

    /** All copies of something that weighs, together: their mass and its centre. */
    public record WeightView(String of, int count, double massG, MassPlaceView at) {
        static List<WeightView> all(List<Weight> weights) {
            Map<String, List<Weight>> together = new LinkedHashMap<>();
            weights.forEach(w ->
                    together.computeIfAbsent(w.of(), name -> new ArrayList<>()).add(w));
            return together.values().stream()
                    .map(same -> new WeightView(
                            same.get(0).of(),
                            same.size(),
                            Weight.total(same).g(),
                            MassPlaceView.of(Weight.centre(same))))
                    .toList();
        }
    }

    /** How it stands; the footprint, which is drawn, is across, front, across, front ... to the hundredth of a mm. */
    public record FootingView(List<Double> footprint, double insideMm, double aboveMm, double tipDeg) {
        static @Nullable FootingView of(@Nullable Standing standing) {
            return standing == null
                    ? null
                    : new FootingView(
                            standing.footprint().stream()
                                    .map(OutlineViews::hundredths)
                                    .toList(),
                            standing.insideMm(),
                            standing.aboveMm(),
                            standing.tipDeg());
        }
    }

    /** A way to make it stand better: what it adds, and what it can lean then. */
    public record BallastView(String way, double addedG, double widerMm, double tipDeg) {
        static BallastView of(Ballast ballast) {
            return new BallastView(
                    ballast.way().label(), ballast.added().g(), ballast.wider().mm(), ballast.tipDeg());
        }
    }

    public static BalanceView of(Balance balance) {
        Mass earring = balance.earring();
        Double top = balance.topShare();
        return new BalanceView(
                WeightView.all(balance.weights()),
                balance.mass().g(),
                MassPlaceView.of(balance.centre()),
                balance.solidMass().g(),
                MassPlaceView.of(balance.solidCentre()),
                FootingView.of(balance.standing()),
                FootingView.of(balance.solidStanding()),
                balance.ballast().stream().map(BallastView::of).toList(),
                balance.hangTiltDeg(),
                top == null ? null : 100 * top,
                earring == null ? null : earring.g(),
                earring == null ? null : Wearing.of(earring).label(),
                AdviceView.all(balance.advice()),
                WorkingsView.of(BalanceWorkings.of(balance)));
    }
}
