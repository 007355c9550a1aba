package fairember.app.run;

import fairember.core.piece.Station;
import fairember.core.run.Job;
import fairember.core.run.RunThread;
import java.util.Arrays;
import java.util.List;

/** How many pieces of a run stand at each station. */
public record ThreadView(List<StandingView> stations, int finished, int lost, int total) {
    /** Pieces standing at a station. */
    public record StandingView(Station station, String label, int standing) {}

    static ThreadView of(List<Job> jobs) {
        RunThread thread = RunThread.of(jobs);
        return new ThreadView(
                Arrays.stream(Station.values())
                        .map(s ->
                                new StandingView(s, s.label(), thread.standing().getOrDefault(s, 0)))
                        .toList(),
                thread.finished(),
                thread.lost(),
                jobs.stream().mapToInt(Job::quantity).sum());
    }
}
