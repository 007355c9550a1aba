package fairember.app.baking;

import fairember.app.batch.PlannedLoadView;
import fairember.app.batch.TaskView;
import fairember.app.web.AdviceView;
import fairember.core.batch.ScheduleChange;
import fairember.core.loadstart.LoadOutcome;
import fairember.core.ovenload.Objective;
import fairember.core.ovenload.Score;
import fairember.core.ovenload.TraySpot;
import fairember.core.studio.LoadItem;
import fairember.core.studio.PlanConstraints;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The ovens' days: loads that went in, those that are in, and those planned for the batches that are not finished, with
 * the hands' tasks beside them.
 *
 * @param criticalLoads places in {@code planned} of the loads that keep it all from ending earlier
 * @param criticalTasks places in {@code tasks} of the tasks that do
 * @param onBench batches on the bench, whether or not anything of them is left to bake
 * @param clockSpeed of the studio's seconds for each of the wall's
 * @param scores how good the plan is, in the order of what matters
 * @param renewing whether a better plan is being looked for
 * @param moved what goes in at another time since the last thing that happened
 * @param startBy of the planned loads on which it depends whether everything is in time
 * @param outlooks of the batches that are not finished
 */
public record DayView(
        Instant now,
        LocalTime opens,
        LocalTime closes,
        boolean openToday,
        List<OvenNameView> ovens,
        List<LoggedLoadView> inOvens,
        List<LoggedLoadView> logged,
        List<PlannedLoadView> planned,
        List<TaskView> tasks,
        List<DryingView> drying,
        List<Integer> criticalLoads,
        List<Integer> criticalTasks,
        List<ScoreView> scores,
        boolean renewing,
        List<ScheduleChange> moved,
        List<StartByView> startBy,
        List<OutlookView> outlooks,
        List<AdviceView> advice,
        ConstraintsView constraints,
        LocalDate finishOn,
        int onBench,
        double clockSpeed) {

    /** The latest moment a planned load, counted from 1, may go in without making anything late. */
    public record StartByView(int number, LocalDateTime at) {}

    /**
     * Whether a batch will be in time.
     *
     * @param spareMin working minutes from when it is finished to the closing of the day it is due; 0 when it is late
     */
    public record OutlookView(
            long batchId, String name, LocalDateTime finishAt, LocalDateTime dueAt, boolean late, long spareMin) {}

    /** Something that dries in the air. */
    public record DryingView(String name, LocalDateTime from, LocalDateTime to, boolean critical) {}

    /** An oven of the plan; its place in the list is its number there. */
    public record OvenNameView(
            long id, String name, double trayWidthMm, double trayDepthMm, int trays, List<TraySpot> spots) {}

    /**
     * A load that went in; out is absent while it is in.
     *
     * @param notes what was asked of it and answered
     */
    public record LoggedLoadView(
            long id,
            int edition,
            double tempC,
            double bakingMin,
            Instant inAt,
            Instant dueOut,
            @Nullable Instant outAt,
            long ovenId,
            List<LoggedItemView> items,
            LoadOutcome outcome,
            List<String> notes) {}

    /** A number of things of a stage bake, in words. */
    public record LoggedItemView(String name, String batchName, LoadItem item, int unitsEach) {}

    /** How good the plan is by one objective; no plan is under the bound. */
    public record ScoreView(Objective objective, double value, double bound, double gapPercent, boolean proven) {
        public static ScoreView of(Score score) {
            return new ScoreView(score.objective(), score.value(), score.bound(), 100 * score.gap(), score.proven());
        }

        static List<ScoreView> all(List<Score> scores) {
            return scores.stream().map(ScoreView::of).toList();
        }
    }

    /** What the maker wants of the plan, with its edition. */
    public record ConstraintsView(int edition, PlanConstraints form) {}
}
