package fairember.app.batch;

import fairember.app.daybook.LossCounting;
import fairember.app.journal.Journal;
import fairember.core.batch.BatchProgress;
import fairember.core.batch.Job;
import fairember.core.daybook.DaybookLine;
import fairember.core.input.InvalidInputException;
import java.util.Objects;
import org.springframework.stereotype.Component;

/** Keeps the counts of a batch in step with the losses in the daybook. */
@Component
class BatchLosses implements LossCounting {
    private final Planning planning;
    private final ProgressStore progress;
    private final Journal journal;

    BatchLosses(Planning planning, ProgressStore progress, Journal journal) {
        this.planning = planning;
        this.progress = progress;
        this.journal = journal;
    }

    @Override
    public void count(DaybookLine loss, int times) {
        long batchId = Objects.requireNonNull(loss.batchId());
        long designId = Objects.requireNonNull(loss.designId());
        int step = Objects.requireNonNull(loss.step());
        int pieces = times * loss.pieces();
        int quantity = planning.work(batchId).jobs().stream()
                .filter(job -> job.key().designId() == designId)
                .mapToInt(Job::quantity)
                .findFirst()
                .orElse(0);
        journal.change(
                progress,
                batchId,
                "%s: %d lost".formatted(loss.stepName(), loss.pieces()),
                made -> made.with(designId, step, tally -> counted(made, tally, pieces, loss.again(), quantity)));
    }

    private static BatchProgress.Tally counted(
            BatchProgress made, BatchProgress.Tally tally, int pieces, boolean again, int quantity) {
        int lost = Math.max(0, tally.lost() + (again ? 0 : pieces));
        int done = tally.done() - made.againAfter(tally.designId(), tally.step());
        if (pieces > 0 && (pieces > quantity || done + lost > quantity)) {
            throw new InvalidInputException(
                    "pieces",
                    "%d done and %d lost".formatted(done, lost),
                    "0 to %d in total".formatted(quantity),
                    "All of them are already counted.");
        }
        int remade = Math.max(0, tally.again() + (again ? pieces : 0));
        return new BatchProgress.Tally(tally.designId(), tally.step(), tally.done(), lost, remade);
    }
}
