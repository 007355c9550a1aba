package fairember.core.run;

import fairember.core.piece.Station;
import fairember.core.piece.Step;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * How many pieces of a run stand at each station: the first one whose work is not done for them.
 *
 * @param standing by station
 * @param finished pieces that are through
 * @param lost pieces broken or given up
 */
public record RunThread(Map<Station, Integer> standing, int finished, int lost) {
    public RunThread {
        standing = Map.copyOf(standing);
    }

    public static RunThread of(List<Job> jobs) {
        Map<Station, Integer> standing = new EnumMap<>(Station.class);
        int finished = 0;
        int lost = 0;
        for (Job job : jobs) {
            int through = job.alive();
            lost += Math.min(job.quantity(), job.progress().lost());
            for (Station station : Station.values()) {
                int done = Math.min(through, done(job, station));
                standing.merge(station, through - done, Integer::sum);
                through = done;
            }
            finished += through;
        }
        return new RunThread(standing, finished, lost);
    }

    /** Pieces of a job done with a station; all of them when the station has nothing to do for it. */
    private static int done(Job job, Station station) {
        if (station == Station.GATE) {
            return job.gateOpen() ? job.alive() : 0;
        }
        if (station == Station.OVEN) {
            int last = job.piece().piece().lastStage();
            return RunBakes.dries(job, last) ? job.alive() : job.progress().baked(last);
        }
        int done = job.alive();
        List<Step> steps = job.piece().piece().steps();
        for (int i = 0; i < steps.size(); i++) {
            if (steps.get(i).station() == station) {
                done = Math.min(done, job.progress().stepDone(i));
            }
        }
        return done;
    }
}
