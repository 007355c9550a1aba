package fairember.core.run;

import fairember.core.finding.Finding;
import fairember.core.measure.Energy;
import fairember.core.measure.Minutes;
import fairember.core.ovenload.PlannedLoad;
import fairember.core.piece.Step;
import java.time.LocalDateTime;
import java.util.List;

/**
 * When hands and oven do what is left of some jobs.
 *
 * @param tasks of the hands in the order they are done
 * @param loads of the oven in the order they are baked
 * @param hands minutes of all tasks
 * @param energy of all loads
 * @param finish when the last task is done and the last load has cooled
 * @param findings on bakes and hours
 */
public record RunSchedule(
        List<HandsTask> tasks,
        List<TimedLoad> loads,
        Minutes hands,
        Energy energy,
        LocalDateTime finish,
        List<Finding> findings) {
    public RunSchedule {
        tasks = List.copyOf(tasks);
        loads = List.copyOf(loads);
        findings = List.copyOf(findings);
    }

    /**
     * A step of a job, for all its pieces that still want it.
     *
     * @param index of the step in its route
     * @param pieces to do
     * @param slots of time, one for each day it runs over
     */
    public record HandsTask(Job job, Step step, int index, int pieces, Minutes minutes, List<WorkHours.Slot> slots) {
        public HandsTask {
            slots = List.copyOf(slots);
        }
    }

    /**
     * A load with its times.
     *
     * @param heatFrom when the oven is switched on
     * @param in when the tray goes in
     * @param out when it comes out
     * @param cooled when pieces can be handled
     */
    public record TimedLoad(
            PlannedLoad load, LocalDateTime heatFrom, LocalDateTime in, LocalDateTime out, LocalDateTime cooled) {}
}
