package fairember.app.batch;

import fairember.app.document.DocumentStore;
import fairember.app.document.DocumentTable;
import fairember.app.document.Reference;
import java.util.Collection;
import java.util.Comparator;
import java.util.stream.Stream;
import org.springframework.stereotype.Repository;

/** Progress of batches, by the batch's number. */
@Repository
public class ProgressStore extends DocumentStore<ProgressForm> {
    ProgressStore(DocumentTable table) {
        super(table, "progress", ProgressForm.class);
    }

    @Override
    public String nameOf(ProgressForm form) {
        return "Progress";
    }

    /** Begins a batch's progress when it has none yet. */
    void begin(long batchId) {
        if (find(batchId).isEmpty()) {
            put(batchId, ProgressForm.NONE);
        }
    }

    /** Removes a batch's progress when nothing was done; otherwise it stays, and holds the batch. */
    void removeUnused(long batchId) {
        if (find(batchId)
                .filter(saved -> saved.form().equals(ProgressForm.NONE))
                .isPresent()) {
            remove(batchId);
        }
    }

    @Override
    protected ProgressForm checked(long batchId, ProgressForm given) {
        given.check();
        return new ProgressForm(
                given.tallies().stream()
                        .filter(tally -> tally.done() > 0 || tally.lost() > 0)
                        .sorted(Comparator.comparing(ProgressForm.TallyForm::designId)
                                .thenComparing(ProgressForm.TallyForm::step))
                        .toList(),
                given.ticks().stream()
                        .sorted(Comparator.comparing(ProgressForm.TickForm::designId)
                                .thenComparing(ProgressForm.TickForm::check))
                        .toList());
    }

    @Override
    protected Collection<Reference> references(long batchId, ProgressForm saved) {
        return Stream.of(
                        Stream.of(new Reference("batch", batchId)),
                        saved.tallies().stream().map(tally -> new Reference("design", tally.designId())),
                        saved.ticks().stream().map(tick -> new Reference("design", tick.designId())))
                .flatMap(references -> references)
                .toList();
    }
}
