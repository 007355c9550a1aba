package fairember.app.shelf;

import static fairember.app.web.Given.or;

import fairember.app.database.Database;
import fairember.app.journal.FormStore;
import fairember.core.colour.Effect;
import fairember.core.colour.Opacity;
import fairember.core.colour.Strength;
import fairember.core.stock.ClayRange;
import fairember.core.stock.StockClay;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Repository;

/** Clays on the shelf, with their sizes of block. */
@Repository
public class ClayStore implements FormStore<ClayForm> {
    private final Database database;
    private final RangeStore ranges;

    ClayStore(Database database, RangeStore ranges) {
        this.database = database;
        this.ranges = ranges;
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
    public Optional<Saved<ClayForm>> find(long id) {
        return where("where id = ?", id).stream().findFirst();
    }

    /** All clays, by name. */
    public List<Saved<ClayForm>> all() {
        return where("");
    }

    /** All clays as the core takes them, by number. */
    public Map<Long, StockClay> clays() {
        Map<Long, ClayRange> known = ranges.ranges();
        Map<Long, StockClay> clays = new LinkedHashMap<>();
        all().forEach(saved -> clays.put(saved.id(), saved.form().parse(saved.id(), known)));
        return clays;
    }

    /** The clays whose swatches were measured with an instrument. */
    public Set<Long> measured() {
        return Set.copyOf(database.list("select id from clay where swatch_measured = 1", row -> row.getLong(1)));
    }

    private List<Saved<ClayForm>> where(String where, Object... values) {
        Map<Long, List<ClayForm.BlockForm>> blocks = new HashMap<>();
        database.list(
                "select clay_id, mass_g, price_minor, on_shelf from block_size order by clay_id, position",
                row -> blocks.computeIfAbsent(row.getLong(1), id -> new ArrayList<>())
                        .add(new ClayForm.BlockForm(row.getDouble(2), row.getLong(3), row.getInt(4))));
        Map<Long, List<ClayForm.LotForm>> lots = new HashMap<>();
        database.list(
                "select clay_id, name, bought_on, raw_hex, cured_hex from clay_lot order by clay_id, position",
                row -> lots.computeIfAbsent(row.getLong(1), id -> new ArrayList<>())
                        .add(new ClayForm.LotForm(
                                row.getString(2),
                                LocalDate.parse(row.getString(3)),
                                row.getString(4),
                                row.getString(5))));
        return database.list(
                "select * from clay " + where + " order by name, id",
                row -> new Saved<>(
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
                                blocks.getOrDefault(row.getLong("id"), List.of()),
                                row.getBoolean("sold"),
                                row.getBoolean("swatch_measured"),
                                Database.nullable(row, "drop_g"),
                                lots.getOrDefault(row.getLong("id"), List.of()),
                                Database.nullableInt(row, "lot_in_use"))),
                values);
    }

    @Override
    public void put(long id, ClayForm form) {
        StockClay clay = form.parse(id, ranges.ranges());
        database.write(
                """
                insert into clay values (?, 1, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)
                on conflict (id) do update set edition = edition + 1, name = excluded.name,
                    line_id = excluded.line_id, raw_hex = excluded.raw_hex, cured_hex = excluded.cured_hex,
                    opacity = excluded.opacity, strength = excluded.strength, open_g = excluded.open_g,
                    effect = excluded.effect, sold = excluded.sold, swatch_measured = excluded.swatch_measured,
                    drop_g = excluded.drop_g, lot_in_use = excluded.lot_in_use
                """,
                id,
                clay.name(),
                form.rangeId(),
                clay.usual().raw().hex(),
                clay.usual().cured().hex(),
                form.opacity(),
                form.strength(),
                form.openG(),
                clay.pigment().effect(),
                clay.sold(),
                or(form.swatchMeasured(), false),
                form.dropG(),
                form.lotInUse());
        putLots(id, or(form.lots(), List.of()));
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

    private void putLots(long id, List<ClayForm.LotForm> lots) {
        database.write("delete from clay_lot where clay_id = ?", id);
        int position = 0;
        for (ClayForm.LotForm lot : lots) {
            database.write(
                    "insert into clay_lot values (?, ?, ?, ?, ?, ?)",
                    id,
                    position++,
                    lot.name().strip(),
                    lot.boughtOn(),
                    lot.rawHex(),
                    lot.curedHex());
        }
    }

    @Override
    public void remove(long id) {
        database.write("delete from clay where id = ?", id);
    }
}
