package fairember.app.bench;

import fairember.app.database.Database;
import fairember.app.keeping.Kept;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import org.springframework.stereotype.Repository;

/** Times logged at steps. */
@Repository
class TimeStore implements Kept<TimeForm> {
    private static final String COLUMNS = "select id, run_id, piece_id, step, started_at, ended_at from time_log ";

    private final Database database;

    TimeStore(Database database) {
        this.database = database;
    }

    @Override
    public String kind() {
        return "time";
    }

    @Override
    public Class<TimeForm> form() {
        return TimeForm.class;
    }

    @Override
    public String nameOf(TimeForm form) {
        long minutes = Math.round(form.length().toSeconds() / 60.0);
        return minutes < 1 ? "less than a minute" : minutes + " min on a step";
    }

    @Override
    public Optional<Held<TimeForm>> find(long id) {
        return database.one(COLUMNS + "where id = ?", TimeStore::held, id);
    }

    private static Held<TimeForm> held(ResultSet row) throws SQLException {
        return new Held<>(
                row.getLong(1),
                1,
                new TimeForm(
                        row.getLong(2),
                        row.getLong(3),
                        row.getInt(4),
                        Instant.parse(row.getString(5)),
                        Instant.parse(row.getString(6))));
    }

    /** Time logged at a step so far. */
    Duration logged(long runId, long pieceId, int step) {
        return database
                .list(COLUMNS + "where run_id = ? and piece_id = ? and step = ?", TimeStore::held, runId, pieceId, step)
                .stream()
                .map(held -> held.form().length())
                .reduce(Duration.ZERO, Duration::plus);
    }

    @Override
    public void put(long id, TimeForm form) {
        form.check();
        database.write(
                "insert or replace into time_log values (?, ?, ?, ?, ?, ?)",
                id,
                form.runId(),
                form.pieceId(),
                form.step(),
                form.startedAt(),
                form.endedAt());
    }

    @Override
    public void remove(long id) {
        database.write("delete from time_log where id = ?", id);
    }
}
