package fairember.app.journal;

import fairember.app.database.Database;
import java.time.Instant;
import java.util.List;
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

    /**
     * Adds a change; what its maker has undone before it can no longer be redone.
     *
     * @param maker who made it; 0 when nobody said
     * @param step it belongs to; null to begin a new one
     * @return the step it belongs to
     */
    long add(
            int maker,
            @Nullable Long step,
            Instant at,
            String kind,
            long subjectId,
            String words,
            @Nullable String before,
            @Nullable String after) {
        database.write("delete from change where undone = 1 and (? = 0 or maker in (0, ?))", maker, maker);
        database.write(
                "insert into change (at, maker, step, kind, subject_id, words, before, after)"
                        + " values (?, ?, ?, ?, ?, ?, ?, ?)",
                at,
                maker,
                step,
                kind,
                subjectId,
                words,
                before,
                after);
        if (step != null) {
            return step;
        }
        database.write("update change set step = id where step is null");
        return last(AskingMaker.ANY).orElseThrow().step();
    }

    /** Calls all of a step by these words. */
    void call(long step, String words) {
        database.write("update change set words = ? where step = ?", words, step);
    }

    /** The last change of a maker that stands; of all when any is meant. */
    Optional<Change> last(int maker) {
        return list("where undone = 0 and (? = 0 or maker in (0, ?)) order by id desc limit 1", maker, maker).stream()
                .findFirst();
    }

    /** The change that a maker has undone last. */
    Optional<Change> firstUndone(int maker) {
        return list("where undone = 1 and (? = 0 or maker in (0, ?)) order by id limit 1", maker, maker).stream()
                .findFirst();
    }

    /** What a maker can undo and redo now. */
    LastChangesView lastChanges(int maker) {
        Optional<Change> undo = last(maker);
        Optional<Change> redo = firstUndone(maker);
        return new LastChangesView(
                undo.map(Change::words).orElse(null),
                undo.map(Change::step).orElse(null),
                redo.map(Change::words).orElse(null),
                redo.map(Change::step).orElse(null));
    }

    /** All changes of a step, in the order they were made. */
    List<Change> ofStep(long step) {
        return list("where step = ? order by id", step);
    }

    /** When a thing was changed and what it was before, the first change first. */
    List<Earlier<String>> earlier(String kind, long subjectId) {
        return database.list(
                """
                select at, words, before from change
                where kind = ? and subject_id = ? and undone = 0 and before is not null order by id
                """,
                row -> new Earlier<>(Instant.parse(row.getString(1)), row.getString(2), row.getString(3)),
                kind,
                subjectId);
    }

    void mark(long step, boolean undone) {
        database.write("update change set undone = ? where step = ?", undone, step);
    }

    private List<Change> list(String where, Object... values) {
        return database.list(
                "select id, step, kind, subject_id, words, before, after from change " + where,
                row -> new Change(
                        row.getLong(1),
                        row.getLong(2),
                        row.getString(3),
                        row.getLong(4),
                        row.getString(5),
                        row.getString(6),
                        row.getString(7)),
                values);
    }
}
