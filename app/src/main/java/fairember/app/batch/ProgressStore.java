package fairember.app.batch;

import fairember.app.codec.Reference;
import fairember.app.document.DocumentStore;
import fairember.app.document.DocumentTable;
import fairember.core.batch.BatchProgress;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Repository;

/** Progress of batches, by the batch's number. */
@Repository
public class ProgressStore extends DocumentStore<BatchProgress> {
    ProgressStore(DocumentTable table) {
        super(table, "progress", BatchProgress.class);
    }

    @Override
    public String nameOf(BatchProgress form) {
        return "Progress";
    }

    /** Counts of two makers go together: what one takes back leaves what the other counted. */
    @Override
    public Optional<BatchProgress> merged(BatchProgress now, BatchProgress from, BatchProgress to) {
        return Optional.of(now.changedBy(from, to));
    }

    /** Begins a batch's progress when it has none yet. */
    void begin(long batchId) {
        if (find(batchId).isEmpty()) {
            put(batchId, BatchProgress.NONE);
        }
    }

    /** Removes a batch's progress when nothing was done; otherwise it stays, and holds the batch. */
    void removeUnused(long batchId) {
        if (find(batchId)
                .filter(saved -> saved.value().equals(BatchProgress.NONE))
                .isPresent()) {
            remove(batchId);
        }
    }

    @Override
    protected Map<Reference, String> references(long batchId, BatchProgress progress) {
        Map<Reference, String> references = super.references(batchId, progress);
        references.put(new Reference("batch", batchId), "");
        return references;
    }
}
