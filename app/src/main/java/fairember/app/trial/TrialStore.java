package fairember.app.trial;

import fairember.app.document.DocumentStore;
import fairember.app.document.DocumentTable;
import java.util.Comparator;
import java.util.List;
import org.springframework.stereotype.Repository;

/** Trials and their rows. */
@Repository
class TrialStore extends DocumentStore<TrialForm> {
    private static final Comparator<Saved<TrialForm>> NEWEST_FIRST = Comparator.comparing(
                    (Saved<TrialForm> saved) -> saved.form().madeOn())
            .thenComparing(Saved::id)
            .reversed();

    TrialStore(DocumentTable table) {
        super(table, "trial", TrialForm.class);
    }

    @Override
    public String nameOf(TrialForm form) {
        return form.name();
    }

    /** All trials, the newest first. */
    @Override
    public List<Saved<TrialForm>> all() {
        return super.all().stream().sorted(NEWEST_FIRST).toList();
    }

    @Override
    protected TrialForm checked(long id, TrialForm given) {
        given.check();
        return given;
    }
}
