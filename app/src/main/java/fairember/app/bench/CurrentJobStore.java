package fairember.app.bench;

import fairember.app.database.Database;
import fairember.app.journal.FormStore;
import java.time.Instant;
import java.util.Optional;
import org.springframework.stereotype.Repository;

/** The current job, if there is one. */
@Repository
class CurrentJobStore implements FormStore<CurrentJobForm> {
    static final long ID = 1;

    private final Database database;

    CurrentJobStore(Database database) {
        this.database = database;
    }

    @Override
    public String kind() {
        return "job";
    }

    @Override
    public Class<CurrentJobForm> form() {
        return CurrentJobForm.class;
    }

    @Override
    public String nameOf(CurrentJobForm form) {
        return "Current job";
    }

    @Override
    public Optional<Saved<CurrentJobForm>> find(long id) {
        return database.one(
                "select run_id, piece_id, step, started_at from hand where id = ?",
                row -> new Saved<>(
                        ID,
                        1,
                        new CurrentJobForm(
                                row.getLong(1),
                                row.getLong(2),
                                row.getInt(3),
                                row.getString(4) == null ? null : Instant.parse(row.getString(4)))),
                id);
    }

    Optional<CurrentJobForm> current() {
        return find(ID).map(Saved::form);
    }

    @Override
    public void put(long id, CurrentJobForm form) {
        database.write(
                "insert or replace into hand values (?, ?, ?, ?, ?)",
                id,
                form.batchId(),
                form.designId(),
                form.step(),
                form.startedAt());
    }

    @Override
    public void remove(long id) {
        database.write("delete from hand where id = ?", id);
    }
}
