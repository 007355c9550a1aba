package fairember.app.run;

import fairember.app.database.Database;
import fairember.app.keeping.Kept;
import fairember.app.piece.PieceStore;
import fairember.core.measure.Refused;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Repository;

/** Runs and their lines. */
@Repository
public class RunStore implements Kept<RunForm> {
    private final Database database;
    private final PieceStore pieces;

    RunStore(Database database, PieceStore pieces) {
        this.database = database;
        this.pieces = pieces;
    }

    @Override
    public String kind() {
        return "run";
    }

    @Override
    public Class<RunForm> form() {
        return RunForm.class;
    }

    @Override
    public String nameOf(RunForm form) {
        return form.name();
    }

    @Override
    public Optional<Held<RunForm>> find(long id) {
        return where("where id = ?", id).stream().findFirst();
    }

    /** All runs, the earliest due first. */
    public List<Held<RunForm>> all() {
        return where("");
    }

    private List<Held<RunForm>> where(String where, Object... values) {
        Map<Long, List<RunForm.RunLineForm>> lines = new HashMap<>();
        database.list(
                "select run_id, piece_id, quantity from run_line order by run_id, position",
                row -> lines.computeIfAbsent(row.getLong(1), id -> new ArrayList<>())
                        .add(new RunForm.RunLineForm(row.getLong(2), row.getInt(3))));
        return database.list(
                "select id, edition, name, state, begins_on, due_on from run " + where + " order by due_on, id",
                row -> new Held<>(
                        row.getLong(1),
                        row.getInt(2),
                        new RunForm(
                                row.getString(3),
                                RunState.valueOf(row.getString(4)),
                                LocalDate.parse(row.getString(5)),
                                LocalDate.parse(row.getString(6)),
                                lines.getOrDefault(row.getLong(1), List.of()))),
                values);
    }

    @Override
    public void put(long id, RunForm form) {
        form.check();
        for (int i = 0; i < form.lines().size(); i++) {
            long pieceId = form.lines().get(i).pieceId();
            if (pieces.find(pieceId).isEmpty()) {
                throw new Refused(
                        "lines[" + i + "].pieceId", "piece " + pieceId, "a piece of the studio", "Choose a piece.");
            }
        }
        database.write("""
                insert into run (id, edition, name, state, begins_on, due_on) values (?, 1, ?, ?, ?, ?)
                on conflict (id) do update set edition = edition + 1, name = excluded.name, state = excluded.state,
                    begins_on = excluded.begins_on, due_on = excluded.due_on
                """, id, form.name().strip(), form.state(), form.beginsOn(), form.dueOn());
        database.write("insert into progress values (?, 1) on conflict do nothing", id);
        Map<Long, Integer> editions = form.state() == RunState.PLANNED ? Map.of() : editions(id);
        database.write("delete from run_line where run_id = ?", id);
        int position = 0;
        for (RunForm.RunLineForm line : form.lines()) {
            database.write(
                    "insert into run_line values (?, ?, ?, ?, ?)",
                    id,
                    position++,
                    line.pieceId(),
                    line.quantity(),
                    editions.get(line.pieceId()));
        }
    }

    /** The editions of pieces that a run keeps to; a piece it takes as it is now is not among them. */
    public Map<Long, Integer> editions(long runId) {
        Map<Long, Integer> editions = new HashMap<>();
        database.list(
                "select piece_id, piece_edition from run_line where run_id = ? and piece_edition is not null",
                row -> editions.put(row.getLong(1), row.getInt(2)),
                runId);
        return editions;
    }

    /** A run with work logged, loads baked or gates ticked is not removed: the database refuses. */
    @Override
    public void remove(long id) {
        database.write("delete from progress where run_id = ?", id);
        database.write("delete from run where id = ?", id);
    }
}
