package fairember.app.batch;

import fairember.app.database.Database;
import fairember.app.journal.FormStore;
import java.util.Optional;
import org.springframework.stereotype.Repository;

/** Progress of batches, by the batch's number. */
@Repository
public class ProgressStore implements FormStore<ProgressForm> {
    private final Database database;

    ProgressStore(Database database) {
        this.database = database;
    }

    @Override
    public String kind() {
        return "progress";
    }

    @Override
    public Class<ProgressForm> form() {
        return ProgressForm.class;
    }

    @Override
    public String nameOf(ProgressForm form) {
        return "Progress";
    }

    @Override
    public Optional<Saved<ProgressForm>> find(long batchId) {
        return database.one("select edition from progress where run_id = ?", row -> row.getInt(1), batchId)
                .map(edition -> new Saved<>(batchId, edition, progress(batchId)));
    }

    private ProgressForm progress(long batchId) {
        return new ProgressForm(
                database.list(
                        "select piece_id, step, done, lost from tally where run_id = ? order by piece_id, step",
                        row -> new ProgressForm.TallyForm(row.getLong(1), row.getInt(2), row.getInt(3), row.getInt(4)),
                        batchId),
                database.list(
                        "select piece_id, line from gate_tick where run_id = ? order by piece_id, line",
                        row -> new ProgressForm.TickForm(row.getLong(1), row.getInt(2)),
                        batchId));
    }

    @Override
    public void put(long batchId, ProgressForm form) {
        form.check();
        database.write(
                "insert into progress values (?, 1) on conflict (run_id) do update set edition = edition + 1", batchId);
        database.write("delete from tally where run_id = ?", batchId);
        for (ProgressForm.TallyForm t : form.tallies()) {
            if (t.done() > 0 || t.lost() > 0) {
                database.write(
                        "insert into tally values (?, ?, ?, ?, ?)",
                        batchId,
                        t.designId(),
                        t.step(),
                        t.done(),
                        t.lost());
            }
        }
        database.write("delete from gate_tick where run_id = ?", batchId);
        for (ProgressForm.TickForm t : form.ticks()) {
            database.write("insert into gate_tick values (?, ?, ?)", batchId, t.designId(), t.check());
        }
    }

    @Override
    public void remove(long batchId) {
        database.write("delete from progress where run_id = ?", batchId);
    }
}
