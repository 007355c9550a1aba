package fairember.core.run;

import fairember.core.finding.Finding;
import fairember.core.measure.Energy;
import fairember.core.measure.Minutes;
import fairember.core.ovenload.PlannedLoad;
import fairember.core.ovenload.Score;
import fairember.core.piece.Step;
import java.time.LocalDateTime;
import java.util.List;

/**
 * When hands and oven do what is left of some jobs.
 *
 * @param tasks of the hands in the order they are done
 * @param loads of the oven in the order they are baked
 * @param dryings of what dries in the air
 * @param hands minutes of all tasks
 * @param energy of all loads
 * @param finish when the last task is done and the last load has cooled
 * @param scores of its loads, by objective
 * @param findings on bakes and hours
 */
public record RunSchedule(
        List<HandsTask> tasks,
        List<TimedLoad> loads,
        List<Drying> dryings,
        Minutes hands,
        Energy energy,
        LocalDateTime finish,
        List<Score> scores,
        List<Finding> findings) {
    public RunSchedule {
        tasks = List.copyOf(tasks);
        loads = List.copyOf(loads);
        scores = List.copyOf(scores);
        dryings = List.copyOf(dryings);
        findings = List.copyOf(findings);
    }

    /**
     * A step of a job, for all its pieces that still want it.
     *
     * @param index of the step in its route
     * @param pieces to do
     * @param ready when it may begin
     * @param slots of time, one for each day it runs over; none when it takes no time
     */
    public record HandsTask(
            Job job,
            Step step,
            int index,
            int pieces,
            Minutes minutes,
            LocalDateTime ready,
            List<WorkHours.Slot> slots) {
        public HandsTask {
            slots = List.copyOf(slots);
        }

        LocalDateTime begin() {
            return slots.isEmpty() ? ready : slots.get(0).from();
        }

        LocalDateTime end() {
            return slots.isEmpty() ? ready : slots.get(slots.size() - 1).to();
        }
    }

    /** A stage that dries in the air. */
    public record Drying(Job job, int stage, LocalDateTime from, LocalDateTime to) {}

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
