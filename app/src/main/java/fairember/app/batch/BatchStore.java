package fairember.app.batch;

import fairember.app.database.Database;
import fairember.app.design.DesignStore;
import fairember.app.document.DocumentStore;
import fairember.app.document.DocumentTable;
import fairember.app.document.Reference;
import fairember.core.input.InvalidInputException;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Repository;

/** Batches and their lines. */
@Repository
public class BatchStore extends DocumentStore<BatchForm> {
    private static final Comparator<Saved<BatchForm>> DUE_FIRST = Comparator.comparing(
                    (Saved<BatchForm> saved) -> saved.form().dueOn())
            .thenComparing(Saved::id);

    private final Database database;
    private final DesignStore designs;
    private final ProgressStore progress;

    BatchStore(DocumentTable table, Database database, DesignStore designs, ProgressStore progress) {
        super(table, "batch", BatchForm.class);
        this.database = database;
        this.designs = designs;
        this.progress = progress;
    }

    @Override
    public String nameOf(BatchForm form) {
        return form.name();
    }

    /** All batches, the earliest due first. */
    @Override
    public List<Saved<BatchForm>> all() {
        return super.all().stream().sorted(DUE_FIRST).toList();
    }

    @Override
    protected BatchForm checked(long id, BatchForm given) {
        given.check();
        for (int i = 0; i < given.lines().size(); i++) {
            long designId = given.lines().get(i).designId();
            if (designs.find(designId).isEmpty()) {
                throw new InvalidInputException(
                        "lines[" + i + "].designId",
                        "design " + designId,
                        "a design of the studio",
                        "Choose a design.");
            }
        }
        return given;
    }

    @Override
    protected Collection<Reference> references(long id, BatchForm saved) {
        return saved.lines().stream()
                .map(line -> new Reference("design", line.designId()))
                .toList();
    }

    @Override
    public void put(long id, BatchForm form) {
        super.put(id, form);
        progress.begin(id);
        database.write("""
                delete from batch_version where batch_id = ? and (? or design_id not in (
                    select line.value ->> '$.designId' from document batch, json_each(batch.json, '$.lines') line
                    where batch.kind = 'batch' and batch.id = ?))
                """, id, form.state() == BatchState.PLANNED, id);
    }

    /** The editions of designs that batches keep to, by batch; a design one takes as it is now is not among them. */
    public Map<Long, Map<Long, Integer>> editions() {
        Map<Long, Map<Long, Integer>> editions = new HashMap<>();
        database.list(
                "select batch_id, design_id, edition from batch_version",
                row -> editions.computeIfAbsent(row.getLong(1), batch -> new HashMap<>())
                        .put(row.getLong(2), row.getInt(3)));
        return editions;
    }

    /** A batch with work logged, loads baked or checks ticked is not removed: the database refuses. */
    @Override
    public void remove(long id) {
        progress.removeUnused(id);
        super.remove(id);
    }
}
