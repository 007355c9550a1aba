package fairember.app.batch;

import fairember.core.batch.BatchSchedule;
import fairember.core.batch.WorkHours;
import fairember.core.design.Station;
import java.time.LocalDateTime;
import java.util.List;

/**
 * A step for the hands, with its times.
 *
 * @param first whether it is done to the first piece alone
 */
public record TaskView(
        long batchId,
        long designId,
        String designName,
        int step,
        String name,
        Station station,
        int pieces,
        boolean first,
        double minutesMin,
        List<SlotView> slots) {

    /** A stretch of time. */
    public record SlotView(LocalDateTime from, LocalDateTime to) {
        static SlotView of(WorkHours.Slot slot) {
            return new SlotView(slot.from(), slot.to());
        }
    }

    public static TaskView of(BatchSchedule.HandsTask task) {
        long designId = task.job().design().design().id();
        long batchId = task.job().key().batchId();
        return new TaskView(
                batchId,
                designId,
                task.job().design().design().name(),
                task.index(),
                task.step().name(),
                task.step().station(),
                task.pieces(),
                task.job().key().first(),
                task.minutes().min(),
                task.slots().stream().map(SlotView::of).toList());
    }
}
