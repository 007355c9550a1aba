package fairember.app.run;

import fairember.app.database.Database;
import fairember.app.keeping.Kept;
import java.util.Optional;
import org.springframework.stereotype.Repository;

/** Progress of runs, by the run's number. */
@Repository
public class ProgressStore implements Kept<ProgressForm> {
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
    public Optional<Held<ProgressForm>> find(long runId) {
        return database.one("select edition from progress where run_id = ?", row -> row.getInt(1), runId)
                .map(edition -> new Held<>(runId, edition, progress(runId)));
    }

    private ProgressForm progress(long runId) {
        return new ProgressForm(
                database.list(
                        "select piece_id, step, done, lost from tally where run_id = ? order by piece_id, step",
                        row -> new ProgressForm.TallyForm(row.getLong(1), row.getInt(2), row.getInt(3), row.getInt(4)),
                        runId),
                database.list(
                        "select piece_id, line from gate_tick where run_id = ? order by piece_id, line",
                        row -> new ProgressForm.TickForm(row.getLong(1), row.getInt(2)),
                        runId));
    }

    @Override
    public void put(long runId, ProgressForm form) {
        form.check();
        database.write(
                "insert into progress values (?, 1) on conflict (run_id) do update set edition = edition + 1", runId);
        database.write("delete from tally where run_id = ?", runId);
        for (ProgressForm.TallyForm t : form.tallies()) {
            if (t.done() > 0 || t.lost() > 0) {
                database.write(
                        "insert into tally values (?, ?, ?, ?, ?)", runId, t.pieceId(), t.step(), t.done(), t.lost());
            }
        }
        database.write("delete from gate_tick where run_id = ?", runId);
        for (ProgressForm.TickForm t : form.ticks()) {
            database.write("insert into gate_tick values (?, ?, ?)", runId, t.pieceId(), t.line());
        }
    }

    @Override
    public void remove(long runId) {
        database.write("delete from progress where run_id = ?", runId);
    }
}
