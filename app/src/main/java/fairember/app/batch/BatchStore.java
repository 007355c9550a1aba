package fairember.app.batch;

import fairember.app.database.Database;
import fairember.app.design.DesignStore;
import fairember.app.document.DocumentStore;
import fairember.app.document.DocumentTable;
import fairember.core.batch.Batch;
import fairember.core.batch.BatchJobs;
import fairember.core.batch.BatchState;
import fairember.core.batch.Progress;
import fairember.core.daybook.Learned;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.stereotype.Repository;

/** Batches and their lines. */
@Repository
public class BatchStore extends DocumentStore<Batch> {
    private static final Comparator<Saved<Batch>> DUE_FIRST =
            Comparator.comparing((Saved<Batch> saved) -> saved.value().dueOn()).thenComparing(Saved::id);

    private final Database database;
    private final ProgressStore progress;
    private final DesignStore designs;

    BatchStore(DocumentTable table, Database database, ProgressStore progress, DesignStore designs) {
        super(table, "batch", Batch.class);
        this.database = database;
        this.progress = progress;
        this.designs = designs;
    }

    @Override
    protected void check(long id, Batch given) {
        if (given.designIds().stream().allMatch(design -> designs.find(design).isPresent())) {
            DesignStore.Measuring measuring = designs.measuring();
            BatchJobs.check(
                    given.designIds(),
                    BatchJobs.of(id, given.wanted(), Set.of(), measuring::of, one -> Progress.NONE, Learned.NOTHING));
        }
    }

    /** All batches, the earliest due first. */
    @Override
    public List<Saved<Batch>> all() {
        return super.all().stream().sorted(DUE_FIRST).toList();
    }

    @Override
    public void put(long id, Batch form) {
        super.put(id, form);
        progress.begin(id);
        database.write("""
                delete from batch_version where batch_id = ? and (? or design_id not in (
                    select design_id from batch_design where batch_design.batch_id = ?))
                """, id, form.state() == BatchState.PLANNED, id);
    }

    /** The batches that make a design, in their lines or as a small part of others. */
    List<Batch> making(long designId) {
        return database
                .list("select batch_id from batch_design where design_id = ?", row -> row.getLong(1), designId)
                .stream()
                .flatMap(id -> find(id).stream())
                .map(Saved::value)
                .toList();
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
