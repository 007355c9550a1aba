package fairember.core.batch;

import static org.assertj.core.api.Assertions.assertThat;

import fairember.core.Samples;
import fairember.core.design.MeasuredDesign;
import fairember.core.loadsearch.Effort;
import fairember.core.loadsearch.LoadPlanning;
import fairember.core.ovenload.LoadPlan;
import java.time.Duration;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.testng.annotations.Test;

public class ScheduleComparisonTest {
    private static final MeasuredDesign SEAL = Samples.measured(Samples.seal());
    private static final WorkHours HOURS = WorkHours.daily(LocalTime.of(9, 0), LocalTime.of(18, 0));
    private static final LocalDateTime NINE = LocalDateTime.of(2026, 3, 2, 9, 0);

    private static Job seals(int batch, int quantity, Progress progress) {
        return new Job(new JobKey(batch, 7), SEAL, quantity, progress);
    }

    private static BatchSchedule schedule(List<Job> jobs, BatchScheduling.Start start, Optional<LoadPlan> earlier) {
        return BatchScheduling.schedule(
                jobs,
                Workshop.of(Samples.OVEN, HOURS),
                start,
                problem -> LoadPlanning.plan(problem, Effort.RULES, earlier, () -> false, plan -> {}));
    }

    @Test
    public void whatMovedIsSaidWithWhatItWaitsFor() {
        List<Job> jobs = List.of(seals(1, 6, Progress.NONE));
        BatchSchedule before = schedule(jobs, BatchScheduling.Start.at(NINE), Optional.empty());
        assertThat(ScheduleComparison.changes(before, before, HOURS)).isEmpty();
        BatchSchedule idle = schedule(jobs, BatchScheduling.Start.at(NINE.plusMinutes(40)), Optional.empty());
        List<ScheduleChange> late = ScheduleComparison.changes(before, idle, HOURS);
        assertThat(late).isNotEmpty().allSatisfy(change -> {
            assertThat(change.to()).isAfter(change.from());
            assertThat(change.because()).isNotBlank();
        });
        // Rolling takes 8 minutes, the oven 12 to heat up.
        assertThat(late.get(0).because()).isEqualTo("the oven is hot then");
        assertThat(late.get(late.size() - 1).because()).isEqualTo("the step 'build' (Seal) is done by then");
        // A drift of some minutes is none.
        assertThat(ScheduleComparison.changes(
                        before, schedule(jobs, BatchScheduling.Start.at(NINE.plusMinutes(4)), Optional.empty()), HOURS))
                .isEmpty();
        // With everything shaped only the oven is waited for.
        Progress shaped = new Progress(List.of(6, 6, 6, 0), List.of(12), List.of(), 0, Samples.ALL_TICKED);
        List<Job> ready = List.of(seals(1, 6, shaped));
        BatchSchedule free = schedule(ready, BatchScheduling.Start.at(NINE), Optional.empty());
        BatchSchedule busy = schedule(
                ready, new BatchScheduling.Start(NINE, Map.of(0, NINE.plusMinutes(90)), Map.of()), Optional.empty());
        assertThat(ScheduleComparison.changes(free, busy, HOURS))
                .singleElement()
                .satisfies(change -> assertThat(change.names()).containsExactly("Seal, whole"));
    }

    @Test
    public void aBatchIsInTimeByItsWorkingHoursAndALoadMayBeLaterByThose() {
        List<Job> jobs = List.of(seals(1, 6, Progress.NONE));
        BatchSchedule plan = schedule(jobs, BatchScheduling.Start.at(NINE), Optional.empty());
        LocalDateTime due = plan.finish().toLocalDate().plusDays(1).atTime(18, 0);
        BatchOutlook outlook = BatchOutlook.of(plan, jobs, due, HOURS);
        assertThat(outlook.isLate()).isFalse();
        Duration today = Duration.between(plan.finish().toLocalTime(), LocalTime.of(18, 0));
        assertThat(outlook.spare()).isEqualTo(today.plusHours(9));
        BatchSchedule.TimedLoad first = plan.loads().get(0);
        LocalDateTime latest =
                BatchOutlook.latest(first, List.of(outlook), HOURS).orElseThrow();
        assertThat(HOURS.between(first.in(), latest)).isEqualTo(outlook.spare());
        BatchOutlook late = BatchOutlook.of(plan, jobs, plan.finish().minusMinutes(1), HOURS);
        assertThat(late.isLate()).isTrue();
        assertThat(late.spare()).isZero();
        assertThat(BatchOutlook.latest(first, List.of(late), HOURS)).isEmpty();
    }
}
