package fairember.app.batch;

import fairember.app.database.Database;
import fairember.app.design.DesignStore;
import fairember.app.journal.FormStore;
import fairember.core.measure.InvalidInputException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Repository;

/** Batches and their lines. */
@Repository
public class BatchStore implements FormStore<BatchForm> {
    private final Database database;
    private final DesignStore designs;

    BatchStore(Database database, DesignStore designs) {
        this.database = database;
        this.designs = designs;
    }

    @Override
    public String kind() {
        return "batch";
    }

    @Override
    public Class<BatchForm> form() {
        return BatchForm.class;
    }

    @Override
    public String nameOf(BatchForm form) {
        return form.name();
    }

    @Override
    public Optional<Saved<BatchForm>> find(long id) {
        return where("where id = ?", id).stream().findFirst();
    }

    /** All batches, the earliest due first. */
    public List<Saved<BatchForm>> all() {
        return where("");
    }

    private List<Saved<BatchForm>> where(String where, Object... values) {
        Map<Long, List<BatchForm.BatchLineForm>> lines = new HashMap<>();
        database.list(
                "select run_id, piece_id, quantity from run_line order by run_id, position",
                row -> lines.computeIfAbsent(row.getLong(1), id -> new ArrayList<>())
                        .add(new BatchForm.BatchLineForm(row.getLong(2), row.getInt(3))));
        return database.list(
                "select id, edition, name, state, begins_on, due_on from run " + where + " order by due_on, id",
                row -> new Saved<>(
                        row.getLong(1),
                        row.getInt(2),
                        new BatchForm(
                                row.getString(3),
                                BatchState.valueOf(row.getString(4)),
                                LocalDate.parse(row.getString(5)),
                                LocalDate.parse(row.getString(6)),
                                lines.getOrDefault(row.getLong(1), List.of()))),
                values);
    }

    @Override
    public void put(long id, BatchForm form) {
        form.check();
        for (int i = 0; i < form.lines().size(); i++) {
            long designId = form.lines().get(i).designId();
            if (designs.find(designId).isEmpty()) {
                throw new InvalidInputException(
                        "lines[" + i + "].pieceId", "piece " + designId, "a design of the studio", "Choose a design.");
            }
        }
        database.write("""
                insert into run (id, edition, name, state, begins_on, due_on) values (?, 1, ?, ?, ?, ?)
                on conflict (id) do update set edition = edition + 1, name = excluded.name, state = excluded.state,
                    begins_on = excluded.begins_on, due_on = excluded.due_on
                """, id, form.name().strip(), form.state(), form.beginsOn(), form.dueOn());
        database.write("insert into progress values (?, 1) on conflict do nothing", id);
        Map<Long, Integer> editions = form.state() == BatchState.PLANNED ? Map.of() : editions(id);
        database.write("delete from run_line where run_id = ?", id);
        int position = 0;
        for (BatchForm.BatchLineForm line : form.lines()) {
            database.write(
                    "insert into run_line values (?, ?, ?, ?, ?)",
                    id,
                    position++,
                    line.designId(),
                    line.quantity(),
                    editions.get(line.designId()));
        }
    }

    /** The editions of designs that a batch keeps to; a design it takes as it is now is not among them. */
    public Map<Long, Integer> editions(long batchId) {
        Map<Long, Integer> editions = new HashMap<>();
        database.list(
                "select piece_id, piece_edition from run_line where run_id = ? and piece_edition is not null",
                row -> editions.put(row.getLong(1), row.getInt(2)),
                batchId);
        return editions;
    }

    /** A batch with work logged, loads baked or checks ticked is not removed: the database refuses. */
    @Override
    public void remove(long id) {
        database.write("delete from progress where run_id = ?", id);
        database.write("delete from run where id = ?", id);
    }
}
