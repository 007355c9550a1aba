package fairember.app.loadstart;

import fairember.app.batch.ProgressStore;
import fairember.app.journal.Journal;
import fairember.core.batch.BatchProgress;
import fairember.core.loadstart.LoadCandidate;
import fairember.core.loadstart.StartReview;
import org.springframework.stereotype.Component;

/** Logs the steps of what is in the oven as done: it was ready, although nobody said so. */
@Component
class ReadySteps {
    private final ProgressStore progress;
    private final Journal journal;

    ReadySteps(ProgressStore progress, Journal journal) {
        this.progress = progress;
        this.journal = journal;
    }

    /** All that is not logged yet, for as many pieces as are through the oven with this item. */
    void log(LoadCandidate item, String words) {
        long designId = item.job().key().designId();
        int pieces = item.piecesThen();
        for (int step : StartReview.openSteps(item)) {
            journal.change(
                    progress,
                    item.job().key().batchId(),
                    words,
                    done -> done.with(
                            designId,
                            step,
                            tally -> new BatchProgress.Tally(
                                    designId,
                                    step,
                                    pieces + done.againAfter(designId, step),
                                    tally.lost(),
                                    tally.again())));
        }
    }
}
