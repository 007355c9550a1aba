package fairember.app.oven;

import fairember.app.database.Database;
import fairember.app.journal.FormStore;
import fairember.core.measure.Figures;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Repository;

/** Loads that went into the oven. */
@Repository
public class LoadStore implements FormStore<LoadForm> {
    private final Database database;

    LoadStore(Database database) {
        this.database = database;
    }

    @Override
    public String kind() {
        return "load";
    }

    @Override
    public Class<LoadForm> form() {
        return LoadForm.class;
    }

    @Override
    public String nameOf(LoadForm form) {
        return "load at " + Figures.show(form.tempC(), "°C");
    }

    @Override
    public Optional<Saved<LoadForm>> find(long id) {
        return where("where id = ?", id).stream().findFirst();
    }

    /** All loads, the oldest first. */
    public List<Saved<LoadForm>> all() {
        return where("");
    }

    /** The loads that are in an oven now, the first put in before the others. */
    public List<Saved<LoadForm>> inOvens() {
        return where("where out_at is null");
    }

    private List<Saved<LoadForm>> where(String where, Object... values) {
        Map<Long, List<LoadForm.LoadItemForm>> items = new HashMap<>();
        database.list(
                "select load_id, run_id, piece_id, stage, count from load_item order by load_id, position",
                row -> items.computeIfAbsent(row.getLong(1), id -> new ArrayList<>())
                        .add(new LoadForm.LoadItemForm(row.getLong(2), row.getLong(3), row.getInt(4), row.getInt(5))));
        return database.list(
                "select id, edition, temp_c, hold_min, in_at, out_at, oven_id from oven_load " + where
                        + " order by in_at, id",
                row -> new Saved<>(
                        row.getLong(1),
                        row.getInt(2),
                        new LoadForm(
                                row.getDouble(3),
                                row.getDouble(4),
                                Instant.parse(row.getString(5)),
                                row.getString(6) == null ? null : Instant.parse(row.getString(6)),
                                items.getOrDefault(row.getLong(1), List.of()),
                                row.getLong(7))),
                values);
    }

    @Override
    public void put(long id, LoadForm form) {
        form.check();
        database.write("""
                insert into oven_load values (?, 1, ?, ?, ?, ?, ?)
                on conflict (id) do update set edition = edition + 1, temp_c = excluded.temp_c,
                    hold_min = excluded.hold_min, in_at = excluded.in_at, out_at = excluded.out_at,
                    oven_id = excluded.oven_id
                """, id, form.tempC(), form.bakingMin(), form.inAt(), form.outAt(), form.oven());
        database.write("delete from load_item where load_id = ?", id);
        int position = 0;
        for (LoadForm.LoadItemForm item : form.items()) {
            database.write(
                    "insert into load_item values (?, ?, ?, ?, ?, ?)",
                    id,
                    position++,
                    item.batchId(),
                    item.designId(),
                    item.stage(),
                    item.count());
        }
    }

    @Override
    public void remove(long id) {
        database.write("delete from oven_load where id = ?", id);
    }
}
