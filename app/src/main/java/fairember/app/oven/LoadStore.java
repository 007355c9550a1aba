package fairember.app.oven;

import fairember.app.document.DocumentStore;
import fairember.app.document.DocumentTable;
import fairember.app.document.Reference;
import fairember.core.input.Figures;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.stereotype.Repository;

/** Loads that went into the oven. */
@Repository
public class LoadStore extends DocumentStore<LoadForm> {
    private static final Comparator<Saved<LoadForm>> OLDEST_FIRST =
            Comparator.comparing((Saved<LoadForm> saved) -> saved.form().inAt()).thenComparing(Saved::id);

    LoadStore(DocumentTable table) {
        super(table, "load", LoadForm.class);
    }

    @Override
    public String nameOf(LoadForm form) {
        return "load at " + Figures.show(form.tempC(), "°C");
    }

    /** All loads, the oldest first. */
    @Override
    public List<Saved<LoadForm>> all() {
        return super.all().stream().sorted(OLDEST_FIRST).toList();
    }

    /** The loads that are in an oven now, the first put in before the others. */
    public List<Saved<LoadForm>> inOvens() {
        return all().stream().filter(saved -> saved.form().outAt() == null).toList();
    }

    @Override
    protected LoadForm checked(long id, LoadForm given) {
        given.check();
        return new LoadForm(given.tempC(), given.bakingMin(), given.inAt(), given.outAt(), given.items(), given.oven());
    }

    @Override
    protected Collection<Reference> references(long id, LoadForm saved) {
        return Stream.concat(
                        Stream.of(new Reference("oven", saved.oven())),
                        saved.items().stream()
                                .flatMap(item -> Stream.of(
                                        new Reference("batch", item.batchId()),
                                        new Reference("design", item.designId()))))
                .toList();
    }
}
