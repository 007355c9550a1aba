package fairember.app.trial;

import fairember.app.database.Database;
import fairember.app.journal.FormStore;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Repository;

/** Trials and their rows. */
@Repository
class TrialStore implements FormStore<TrialForm> {
    private final Database database;

    TrialStore(Database database) {
        this.database = database;
    }

    @Override
    public String kind() {
        return "trial";
    }

    @Override
    public Class<TrialForm> form() {
        return TrialForm.class;
    }

    @Override
    public String nameOf(TrialForm form) {
        return form.name();
    }

    @Override
    public Optional<Saved<TrialForm>> find(long id) {
        return where("where id = ?", id).stream().findFirst();
    }

    /** All trials, the newest first. */
    List<Saved<TrialForm>> all() {
        return where("");
    }

    private List<Saved<TrialForm>> where(String where, Object... values) {
        Map<Long, List<TrialForm.TrialRowForm>> rows = new HashMap<>();
        database.list(
                "select trial_id, name, hex, note, chosen from trial_row order by trial_id, position",
                row -> rows.computeIfAbsent(row.getLong(1), id -> new ArrayList<>())
                        .add(new TrialForm.TrialRowForm(
                                row.getString(2), row.getString(3), row.getString(4), row.getBoolean(5))));
        return database.list(
                "select * from trial " + where + " order by made_on desc, id desc",
                row -> new Saved<>(
                        row.getLong("id"),
                        row.getInt("edition"),
                        new TrialForm(
                                row.getString("name"),
                                LocalDate.parse(row.getString("made_on")),
                                row.getString("note"),
                                rows.getOrDefault(row.getLong("id"), List.of()))),
                values);
    }

    @Override
    public void put(long id, TrialForm form) {
        form.check();
        database.write("""
                insert into trial values (?, 1, ?, ?, ?)
                on conflict (id) do update set edition = edition + 1, name = excluded.name,
                    made_on = excluded.made_on, note = excluded.note
                """, id, form.name(), form.madeOn(), form.note());
        database.write("delete from trial_row where trial_id = ?", id);
        int position = 0;
        for (TrialForm.TrialRowForm row : form.rows()) {
            database.write(
                    "insert into trial_row values (?, ?, ?, ?, ?, ?)",
                    id,
                    position++,
                    row.name(),
                    row.hex(),
                    row.note(),
                    row.chosen());
        }
    }

    @Override
    public void remove(long id) {
        database.write("delete from trial where id = ?", id);
    }
}
