package fairember.core.batch;

import fairember.core.design.Station;
import fairember.core.design.Step;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * How many pieces of a batch are at each station: the first one whose work is not done for them. Small parts of others are left out.
 *
 * @param standing by station
 * @param finished designs that are through
 * @param lost designs broken or given up
 */
public record BatchThread(Map<Station, Integer> standing, int finished, int lost) {
    public BatchThread {
        standing = Map.copyOf(standing);
    }

    public static BatchThread of(List<Job> jobs) {
        Map<Station, Integer> standing = new EnumMap<>(Station.class);
        int finished = 0;
        int lost = 0;
        for (Job job : jobs) {
            if (job.own() == 0) {
                continue;
            }
            int through = job.alive();
            lost += Math.min(job.quantity(), job.progress().lost());
            for (Station station : Station.values()) {
                int done = Math.min(through, done(job, station));
                standing.merge(station, through - done, Integer::sum);
                through = done;
            }
            finished += through;
        }
        return new BatchThread(standing, finished, lost);
    }

    /** Designs of a job done with a station; all of them when the station has nothing to do for it. */
    private static int done(Job job, Station station) {
        if (station == Station.CHECKS) {
            return job.checked();
        }
        if (station == Station.OVEN) {
            return job.throughAll();
        }
        int done = job.alive();
        List<Step> steps = job.design().design().steps();
        for (int i = 0; i < steps.size(); i++) {
            if (steps.get(i).station() == station) {
                done = Math.min(done, job.progress().stepDone(i));
            }
        }
        return done;
    }
}
