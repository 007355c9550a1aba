package fairember.app.oven;

import fairember.app.document.DocumentStore;
import fairember.app.document.DocumentTable;
import fairember.core.input.Figures;
import fairember.core.studio.LoggedLoad;
import java.util.Comparator;
import java.util.List;
import org.springframework.stereotype.Repository;

/** Loads that went into the oven. */
@Repository
public class LoadStore extends DocumentStore<LoggedLoad> {
    private static final Comparator<Saved<LoggedLoad>> OLDEST_FIRST = Comparator.comparing(
                    (Saved<LoggedLoad> saved) -> saved.value().inAt())
            .thenComparing(Saved::id);

    LoadStore(DocumentTable table) {
        super(table, "load", LoggedLoad.class);
    }

    @Override
    public String nameOf(LoggedLoad form) {
        return "load at " + Figures.show(form.temp().c(), "°C");
    }

    /** All loads, the oldest first. */
    @Override
    public List<Saved<LoggedLoad>> all() {
        return super.all().stream().sorted(OLDEST_FIRST).toList();
    }

    /** The loads that are in an oven now, the first put in before the others. */
    public List<Saved<LoggedLoad>> inOvens() {
        return all().stream().filter(saved -> saved.value().outAt() == null).toList();
    }
}
