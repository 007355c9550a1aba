package fairember.app.bench;

import fairember.app.codec.Codec;
import fairember.app.database.Database;
import fairember.app.document.SavedKind;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import org.springframework.stereotype.Repository;
import tools.jackson.databind.json.JsonMapper;

/** Times logged at steps. */
@Repository
class TimeStore implements SavedKind<TimeForm> {
    private static final String COLUMNS =
            "select id, batch_id, design_id, step, started_at, ended_at from logged_time ";

    private final Database database;
    private final JsonMapper mapper;

    TimeStore(Database database, JsonMapper mapper) {
        this.mapper = mapper;
        this.database = database;
    }

    @Override
    public String kind() {
        return "time";
    }

    @Override
    public String nameOf(TimeForm form) {
        long minutes = Math.round(form.length().toSeconds() / 60.0);
        return minutes < 1 ? "timer, less than a minute" : "timer, " + minutes + " min";
    }

    @Override
    public TimeForm read(String json, long id) {
        return Codec.read(mapper.readTree(json), TimeForm.class, id);
    }

    @Override
    public Optional<Saved<TimeForm>> find(long id) {
        return database.one(COLUMNS + "where id = ?", TimeStore::saved, id);
    }

    private static Saved<TimeForm> saved(ResultSet row) throws SQLException {
        return new Saved<>(
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
    Duration logged(long batchId, long designId, int step) {
        return database
                .list(
                        COLUMNS + "where batch_id = ? and design_id = ? and step = ?",
                        TimeStore::saved,
                        batchId,
                        designId,
                        step)
                .stream()
                .map(saved -> saved.value().length())
                .reduce(Duration.ZERO, Duration::plus);
    }

    @Override
    public void put(long id, TimeForm form) {
        form.check();
        database.write(
                "insert or replace into logged_time (id, batch_id, design_id, step, started_at, ended_at) values (?, ?, ?, ?, ?, ?)",
                id,
                form.batchId(),
                form.designId(),
                form.step(),
                form.startedAt(),
                form.endedAt());
    }

    @Override
    public void remove(long id) {
        database.write("delete from logged_time where id = ?", id);
    }
}
