package fairember.app.batch;

import fairember.core.batch.BatchSchedule;
import fairember.core.batch.ScheduleChange;
import fairember.core.batch.ScheduleComparison;
import fairember.core.batch.WorkHours;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * The schedule before the last thing that happened: a load started or out, work logged or lost, a batch changed, any of that
 * undone. What moved is told against it, also when nothing happens and work begins later than planned. What moved stays listed through
 * further events of the day, until it is seen.
 */
final class PlanHistory {
    private @Nullable Event last;
    private @Nullable BatchSchedule latest;
    private @Nullable BatchSchedule before;
    private @Nullable LocalDate since;
    private boolean settled;

    /** What there is to do and which ovens are in use: another after everything that happens. */
    private record Event(PlanShape shape, Set<Integer> ovensInUse) {}

    /** @param renewing whether a better plan is still being looked for: the first one counts from when it has been found */
    synchronized void add(Planning.Open open, BatchSchedule schedule, boolean renewing) {
        Event event = new Event(
                PlanShape.of(open.problem()), Set.copyOf(open.start().ovenFree().keySet()));
        if (!settled) {
            begin(open, schedule);
            settled = !renewing;
        } else if (!event.equals(last) && latest != null && isOver(open, latest)) {
            begin(open, latest);
        }
        last = event;
        latest = schedule;
    }

    private void begin(Planning.Open open, BatchSchedule schedule) {
        before = schedule;
        since = open.start().now().toLocalDate();
    }

    /** Whether what moved before has been seen, has moved back, or was another day. */
    private boolean isOver(Planning.Open open, BatchSchedule schedule) {
        return !open.start().now().toLocalDate().equals(since)
                || changes(schedule, open.bench().hours()).isEmpty();
    }

    synchronized List<ScheduleChange> changes(BatchSchedule schedule, WorkHours hours) {
        return before == null ? List.of() : ScheduleComparison.changes(before, schedule, hours);
    }

    synchronized void forget() {
        before = latest;
    }
}
