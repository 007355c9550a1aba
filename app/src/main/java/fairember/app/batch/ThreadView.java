package fairember.app.batch;

import fairember.core.batch.BatchThread;
import fairember.core.batch.Job;
import fairember.core.design.Station;
import java.util.Arrays;
import java.util.List;

/** How many pieces of a batch are at each station. */
public record ThreadView(List<StandingView> stations, int finished, int lost, int total) {
    /** Designs standing at a station. */
    public record StandingView(Station station, String label, int standing) {}

    static ThreadView of(List<Job> jobs) {
        BatchThread thread = BatchThread.of(jobs);
        return new ThreadView(
                Arrays.stream(Station.values())
                        .map(s ->
                                new StandingView(s, s.label(), thread.standing().getOrDefault(s, 0)))
                        .toList(),
                thread.finished(),
                thread.lost(),
                jobs.stream().mapToInt(Job::own).sum());
    }
}
