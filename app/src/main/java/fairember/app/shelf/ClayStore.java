package fairember.app.shelf;

import fairember.app.database.Database;
import fairember.app.keeping.Kept;
import fairember.core.colour.Effect;
import fairember.core.colour.Opacity;
import fairember.core.colour.Strength;
import fairember.core.stock.ClayLine;
import fairember.core.stock.StockClay;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Repository;

/** Clays on the shelf, with their sizes of block. */
@Repository
public class ClayStore implements Kept<ClayForm> {
    private final Database database;
    private final LineStore lines;

    ClayStore(Database database, LineStore lines) {
        this.database = database;
        this.lines = lines;
    }

    @Override
    public String kind() {
        return "clay";
    }

    @Override
    public Class<ClayForm> form() {
        return ClayForm.class;
    }

    @Override
    public String nameOf(ClayForm form) {
        return form.name();
    }

    @Override
    public Optional<Held<ClayForm>> find(long id) {
        return where("where id = ?", id).stream().findFirst();
    }

    /** All clays, by name. */
    public List<Held<ClayForm>> all() {
        return where("");
    }

    /** All clays as the core takes them, by number. */
    public Map<Long, StockClay> clays() {
        Map<Long, ClayLine> known = lines.lines();
        Map<Long, StockClay> clays = new LinkedHashMap<>();
        all().forEach(held -> clays.put(held.id(), held.form().parse(held.id(), known)));
        return clays;
    }

    private List<Held<ClayForm>> where(String where, Object... values) {
        Map<Long, List<ClayForm.BlockForm>> blocks = new HashMap<>();
        database.list(
                "select clay_id, mass_g, price_minor, on_shelf from block_size order by clay_id, position",
                row -> blocks.computeIfAbsent(row.getLong(1), id -> new ArrayList<>())
                        .add(new ClayForm.BlockForm(row.getDouble(2), row.getLong(3), row.getInt(4))));
        return database.list(
                "select * from clay " + where + " order by name, id",
                row -> new Held<>(
                        row.getLong("id"),
                        row.getInt("edition"),
                        new ClayForm(
                                row.getString("name"),
                                row.getLong("line_id"),
                                row.getString("raw_hex"),
                                row.getString("cured_hex"),
                                Opacity.valueOf(row.getString("opacity")),
                                Strength.valueOf(row.getString("strength")),
                                Effect.valueOf(row.getString("effect")),
                                row.getDouble("open_g"),
                                blocks.getOrDefault(row.getLong("id"), List.of()))),
                values);
    }

    @Override
    public void put(long id, ClayForm form) {
        StockClay clay = form.parse(id, lines.lines());
        database.write(
                """
                insert into clay values (?, 1, ?, ?, ?, ?, ?, ?, ?, ?)
                on conflict (id) do update set edition = edition + 1, name = excluded.name,
                    line_id = excluded.line_id, raw_hex = excluded.raw_hex, cured_hex = excluded.cured_hex,
                    opacity = excluded.opacity, strength = excluded.strength, open_g = excluded.open_g,
                    effect = excluded.effect
                """,
                id,
                clay.name(),
                form.lineId(),
                clay.pigment().raw().hex(),
                clay.pigment().cured().hex(),
                form.opacity(),
                form.strength(),
                form.openG(),
                clay.pigment().effect());
        database.write("delete from block_size where clay_id = ?", id);
        int position = 0;
        for (ClayForm.BlockForm block : form.blocks()) {
            database.write(
                    "insert into block_size values (?, ?, ?, ?, ?)",
                    id,
                    position++,
                    block.massG(),
                    block.priceMinor(),
                    block.onShelf());
        }
    }

    @Override
    public void remove(long id) {
        database.write("delete from clay where id = ?", id);
    }
}
