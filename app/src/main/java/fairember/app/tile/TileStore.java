package fairember.app.tile;

import fairember.app.database.Database;
import fairember.app.journal.FormStore;
import fairember.app.shelf.ClayStore;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Repository;

/** Trial tiles and what went into them. */
@Repository
class TileStore implements FormStore<TileForm> {
    private final Database database;
    private final ClayStore clays;

    TileStore(Database database, ClayStore clays) {
        this.database = database;
        this.clays = clays;
    }

    @Override
    public String kind() {
        return "tile";
    }

    @Override
    public Class<TileForm> form() {
        return TileForm.class;
    }

    @Override
    public String nameOf(TileForm form) {
        return form.name();
    }

    @Override
    public Optional<Saved<TileForm>> find(long id) {
        return where("where id = ?", id).stream().findFirst();
    }

    /** All tiles, the newest first. */
    List<Saved<TileForm>> all() {
        return where("");
    }

    private List<Saved<TileForm>> where(String where, Object... values) {
        Map<Long, List<TileForm.TilePartForm>> parts = new HashMap<>();
        database.list(
                "select tile_id, clay_id, parts from trial_tile_part order by tile_id, position",
                row -> parts.computeIfAbsent(row.getLong(1), id -> new ArrayList<>())
                        .add(new TileForm.TilePartForm(row.getLong(2), row.getDouble(3))));
        return database.list(
                "select * from trial_tile " + where + " order by made_on desc, id desc",
                row -> new Saved<>(
                        row.getLong("id"),
                        row.getInt("edition"),
                        new TileForm(
                                row.getString("name"),
                                LocalDate.parse(row.getString("made_on")),
                                parts.getOrDefault(row.getLong("id"), List.of()),
                                row.getString("raw_hex"),
                                row.getString("cured_hex"),
                                row.getBoolean("measured"),
                                row.getString("note"),
                                row.getBoolean("confirmed") ? true : null)),
                values);
    }

    @Override
    public void put(long id, TileForm form) {
        form.parse(clays.clays().keySet());
        database.write(
                """
                insert into trial_tile values (?, 1, ?, ?, ?, ?, ?, ?, ?)
                on conflict (id) do update set edition = edition + 1, name = excluded.name, made_on = excluded.made_on,
                    raw_hex = excluded.raw_hex, cured_hex = excluded.cured_hex, measured = excluded.measured,
                    note = excluded.note, confirmed = excluded.confirmed
                """,
                id,
                form.name(),
                form.madeOn(),
                form.rawHex(),
                form.curedHex(),
                form.measured(),
                form.note(),
                form.confirmed());
        database.write("delete from trial_tile_part where tile_id = ?", id);
        int position = 0;
        for (TileForm.TilePartForm part : form.parts()) {
            database.write(
                    "insert into trial_tile_part values (?, ?, ?, ?)", id, position++, part.clayId(), part.parts());
        }
    }

    @Override
    public void remove(long id) {
        database.write("delete from trial_tile where id = ?", id);
    }
}
