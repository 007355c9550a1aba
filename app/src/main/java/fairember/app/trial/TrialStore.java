package fairember.app.trial;

import fairember.app.document.DocumentStore;
import fairember.app.document.DocumentTable;
import fairember.core.trial.Trial;
import java.util.Comparator;
import java.util.List;
import org.springframework.stereotype.Repository;

/** Trials and their rows. */
@Repository
class TrialStore extends DocumentStore<Trial> {
    private static final Comparator<Saved<Trial>> NEWEST_FIRST = Comparator.comparing(
                    (Saved<Trial> saved) -> saved.value().madeOn())
            .thenComparing(Saved::id)
            .reversed();

    TrialStore(DocumentTable table) {
        super(table, "trial", Trial.class);
    }

    /** All trials, the newest first. */
    @Override
    public List<Saved<Trial>> all() {
        return super.all().stream().sorted(NEWEST_FIRST).toList();
    }
}
