package fairember.core.batch;

import java.time.Duration;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;

/**
 * Whether jobs that are due together will be in time.
 *
 * @param finish when the last of theirs is done
 * @param due closing of the day they are due
 * @param spare working time from the one to the other; none when they are late
 */
public record BatchOutlook(LocalDateTime finish, LocalDateTime due, Duration spare) {
    /** What a schedule comes to for some of its jobs. */
    public static BatchOutlook of(BatchSchedule whole, List<Job> jobs, LocalDateTime due, WorkHours hours) {
        LocalDateTime finish = whole.of(jobs).finish();
        return new BatchOutlook(finish, due, hours.between(finish, due));
    }

    public boolean isLate() {
        return finish.isAfter(due);
    }

    /**
     * The latest moment a load may go in without making anything late that is in time now: whatever ends after it goes in is
     * taken to be delayed as much.
     *
     * @param outlooks of all jobs in the schedule
     * @return empty when nothing that ends after it is due, or all of that is late already
     */
    public static Optional<LocalDateTime> latest(
            BatchSchedule.TimedLoad load, List<BatchOutlook> outlooks, WorkHours hours) {
        return outlooks.stream()
                .filter(outlook -> !outlook.isLate() && outlook.finish().isAfter(load.in()))
                .map(BatchOutlook::spare)
                .min(Duration::compareTo)
                .map(spare -> hours.after(load.in(), spare));
    }
}
