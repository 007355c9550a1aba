package fairember.app.sums;

import fairember.app.web.AdviceView;
import fairember.core.ovenload.LoadPlan;
import fairember.core.ovenload.Objective;
import fairember.core.ovenload.PlannedLoad;
import java.util.List;

/**
 * A plan of loads. Times are minutes from its zero.
 *
 * @param hands tasks of the hands that take time, in the order they begin
 * @param loads in the order they are switched on
 * @param objectives in the order asked for
 * @param advice on bakes that were left out, and on what could not be kept
 */
record LoadsSumView(
        List<ShapingView> hands, List<LoadSumView> loads, List<ObjectiveView> objectives, List<AdviceView> advice) {
    /** The hands' task for a bake. */
    record ShapingView(String key, double beginMin, double endMin) {}

    /**
     * How good the plan is by one objective.
     *
     * @param bound no plan that keeps to the objectives before it has less
     * @param gapPercent share of the value that might still be saved
     * @param proven whether none can be saved, by these loads and this packer
     */
    record ObjectiveView(Objective objective, double value, double bound, double gapPercent, boolean proven) {}

    /** A load: in which oven, counted from 0, when, what is in it, where, and why. */
    record LoadSumView(
            int oven,
            double tempC,
            double bakingMin,
            double heatFromMin,
            double inMin,
            double endMin,
            double energyKwh,
            double fillPercent,
            boolean pinned,
            List<LoadSumItemView> items,
            List<LoadSumPlaceView> places,
            List<AdviceView> why) {
        static LoadSumView of(PlannedLoad load) {
            return new LoadSumView(
                    load.oven(),
                    load.temperature().c(),
                    load.bakingTime().min(),
                    load.heatFrom().min(),
                    load.in().min(),
                    load.end().min(),
                    load.energy().kwh(),
                    load.fill().percent(),
                    load.pinned(),
                    load.items().stream()
                            .map(i -> new LoadSumItemView(i.bake().key().words(), i.count()))
                            .toList(),
                    load.places().stream()
                            .map(p -> new LoadSumPlaceView(
                                    p.key().words(),
                                    p.shelf(),
                                    p.left().mm(),
                                    p.back().mm(),
                                    p.width().mm(),
                                    p.depth().mm()))
                            .toList(),
                    AdviceView.all(load.why()));
        }
    }

    /** A number of things of a bake. */
    record LoadSumItemView(String key, int count) {}

    /** Where one thing lies, on a tray counted from 0. */
    record LoadSumPlaceView(String key, int shelf, double leftMm, double backMm, double widthMm, double depthMm) {}

    static LoadsSumView of(LoadPlan plan) {
        return new LoadsSumView(
                plan.hands().stream()
                        .map(h -> new ShapingView(
                                h.key().words(), h.begin().min(), h.end().min()))
                        .toList(),
                plan.loads().stream().map(LoadSumView::of).toList(),
                plan.scores().stream()
                        .map(s -> new ObjectiveView(s.objective(), s.value(), s.bound(), 100 * s.gap(), s.proven()))
                        .toList(),
                AdviceView.all(plan.advice()));
    }
}
