package fairember.app.run;

import fairember.core.piece.Station;
import fairember.core.run.RunSchedule;
import fairember.core.run.WorkHours;
import java.time.LocalDateTime;
import java.util.List;

/** A step for the hands, with its times. */
public record TaskView(
        long runId,
        long pieceId,
        String pieceName,
        int step,
        String name,
        Station station,
        int pieces,
        double minutesMin,
        List<SlotView> slots) {

    /** A stretch of time. */
    public record SlotView(LocalDateTime from, LocalDateTime to) {
        static SlotView of(WorkHours.Slot slot) {
            return new SlotView(slot.from(), slot.to());
        }
    }

    public static TaskView of(RunSchedule.HandsTask task) {
        long pieceId = task.job().piece().piece().id();
        long runId = BakeKeys.item(task.job().bakeKey(0), 0).runId();
        return new TaskView(
                runId,
                pieceId,
                task.job().piece().piece().name(),
                task.index(),
                task.step().name(),
                task.step().station(),
                task.pieces(),
                task.minutes().min(),
                task.slots().stream().map(SlotView::of).toList());
    }
}
