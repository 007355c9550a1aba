package fairember.app.bench;

import fairember.app.document.DocumentStore;
import fairember.app.document.DocumentTable;
import fairember.app.document.Reference;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Repository;

/** The current job, if there is one. It goes with its batch or its design. */
@Repository
class CurrentJobStore extends DocumentStore<CurrentJobForm> {
    static final long ID = 1;

    CurrentJobStore(DocumentTable table) {
        super(table, "job", CurrentJobForm.class);
    }

    @Override
    public String nameOf(CurrentJobForm form) {
        return "Current job";
    }

    Optional<CurrentJobForm> current() {
        return find(ID).map(Saved::form);
    }

    @Override
    protected CurrentJobForm checked(long id, CurrentJobForm given) {
        return given;
    }

    @Override
    protected Collection<Reference> references(long id, CurrentJobForm saved) {
        return List.of(new Reference("batch", saved.batchId()), new Reference("design", saved.designId()));
    }
}
