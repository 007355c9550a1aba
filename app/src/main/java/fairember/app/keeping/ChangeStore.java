package fairember.app.keeping;

import fairember.app.database.Database;
import java.time.Instant;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;

/** The journal of changes, and the numbers given to new things. */
@Repository
class ChangeStore {
    private final Database database;

    ChangeStore(Database database) {
        this.database = database;
    }

    /** A number never given to this kind before. */
    long nextId(String kind) {
        database.write(
                "insert into last_id (kind, id) values (?, 1) on conflict (kind) do update set id = id + 1", kind);
        return database.one("select id from last_id where kind = ?", row -> row.getLong(1), kind)
                .orElseThrow();
    }

    /** A number that is given out already. */
    void taken(String kind, long id) {
        database.write(
                "insert into last_id (kind, id) values (?, ?) on conflict (kind) do update set id = max(id, excluded.id)",
                kind,
                id);
    }

    /** Adds a change; what was undone before it can no longer be redone. */
    void add(Instant at, String kind, long subjectId, String words, @Nullable String before, @Nullable String after) {
        database.write("delete from change where undone = 1");
        database.write(
                "insert into change (at, kind, subject_id, words, before, after) values (?, ?, ?, ?, ?, ?)",
                at,
                kind,
                subjectId,
                words,
                before,
                after);
    }

    /** The last change that stands. */
    Optional<Change> last() {
        return one("where undone = 0 order by id desc limit 1");
    }

    /** The change that was undone last. */
    Optional<Change> firstUndone() {
        return one("where undone = 1 order by id limit 1");
    }

    void mark(long id, boolean undone) {
        database.write("update change set undone = ? where id = ?", undone, id);
    }

    private Optional<Change> one(String where) {
        return database.one(
                "select id, kind, subject_id, words, before, after from change " + where,
                row -> new Change(
                        row.getLong(1),
                        row.getString(2),
                        row.getLong(3),
                        row.getString(4),
                        row.getString(5),
                        row.getString(6)));
    }
}
