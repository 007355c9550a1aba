package fairember.app.bench;

import fairember.app.document.DocumentStore;
import fairember.app.document.DocumentTable;
import fairember.core.batch.JobInHand;
import java.util.Optional;
import org.springframework.stereotype.Repository;

/** The current job of each maker, by the maker's number. It goes with its batch or its design. */
@Repository
class CurrentJobStore extends DocumentStore<JobInHand> {
    CurrentJobStore(DocumentTable table) {
        super(table, "job", JobInHand.class);
    }

    @Override
    public String nameOf(JobInHand form) {
        return "Current job";
    }

    Optional<JobInHand> current(int maker) {
        return find(maker).map(Saved::value);
    }
}
