package fairember.app.bench;

import fairember.app.database.Database;
import fairember.app.keeping.Kept;
import java.time.Instant;
import java.util.Optional;
import org.springframework.stereotype.Repository;

/** The one step in hand, if there is one. */
@Repository
class HandStore implements Kept<HandForm> {
    static final long ID = 1;

    private final Database database;

    HandStore(Database database) {
        this.database = database;
    }

    @Override
    public String kind() {
        return "hand";
    }

    @Override
    public Class<HandForm> form() {
        return HandForm.class;
    }

    @Override
    public String nameOf(HandForm form) {
        return "Step in hand";
    }

    @Override
    public Optional<Held<HandForm>> find(long id) {
        return database.one(
                "select run_id, piece_id, step, started_at from hand where id = ?",
                row -> new Held<>(
                        ID,
                        1,
                        new HandForm(
                                row.getLong(1),
                                row.getLong(2),
                                row.getInt(3),
                                row.getString(4) == null ? null : Instant.parse(row.getString(4)))),
                id);
    }

    Optional<HandForm> hand() {
        return find(ID).map(Held::form);
    }

    @Override
    public void put(long id, HandForm form) {
        database.write(
                "insert or replace into hand values (?, ?, ?, ?, ?)",
                id,
                form.runId(),
                form.pieceId(),
                form.step(),
                form.startedAt());
    }

    @Override
    public void remove(long id) {
        database.write("delete from hand where id = ?", id);
    }
}
