package fairember.app.oven;

import static fairember.app.web.Given.or;

import fairember.app.database.Database;
import fairember.app.journal.FormStore;
import fairember.core.heat.Air;
import fairember.core.measure.InvalidInputException;
import fairember.core.ovenload.Oven;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;

/** The ovens of the studio; the first is always there. */
@Repository
public class OvenStore implements FormStore<OvenForm> {
    /** The oven that a studio always has. */
    public static final long FIRST = 1;

    private final Database database;

    OvenStore(Database database) {
        this.database = database;
    }

    @Override
    public String kind() {
        return "oven";
    }

    @Override
    public Class<OvenForm> form() {
        return OvenForm.class;
    }

    @Override
    public String nameOf(OvenForm form) {
        return form.name();
    }

    @Override
    public Optional<Saved<OvenForm>> find(long id) {
        return all().stream().filter(h -> h.id() == id).findFirst();
    }

    /** All ovens, by number. What hangs on them is read first: a row in hand keeps its connection. */
    public List<Saved<OvenForm>> all() {
        Map<Long, List<OvenForm.ReadingForm>> readings = of(
                "select oven_id, dial_c, read_c from dial_reading order by oven_id, position",
                row -> new OvenForm.ReadingForm(row.getDouble(2), row.getDouble(3)));
        Map<Long, List<Double>> clearances =
                of("select oven_id, clearance_mm from oven_shelf order by oven_id, position", row -> row.getDouble(2));
        Map<Long, List<OvenForm.SpotForm>> spots = of(
                "select oven_id, left_mm, back_mm, off_c from hot_spot order by oven_id, position",
                row -> new OvenForm.SpotForm(row.getDouble(2), row.getDouble(3), row.getDouble(4)));
        return database.list("select * from oven order by id", row -> {
            long id = row.getLong("id");
            return new Saved<>(
                    id,
                    row.getInt("edition"),
                    new OvenForm(
                            row.getString("name"),
                            row.getDouble("tray_width_mm"),
                            row.getDouble("tray_depth_mm"),
                            row.getDouble("clearance_mm"),
                            row.getDouble("gap_mm"),
                            row.getDouble("preheat_min"),
                            row.getDouble("preheat_kwh"),
                            row.getDouble("hold_kw"),
                            readings.getOrDefault(id, List.of()),
                            clearances.getOrDefault(id, List.of()),
                            row.getDouble("unload_min"),
                            row.getBoolean("cold"),
                            spots.getOrDefault(id, List.of()),
                            Air.valueOf(row.getString("air")),
                            time(row.getString("opens")),
                            time(row.getString("closes"))));
        });
    }

    private static @Nullable LocalTime time(@Nullable String text) {
        return text == null ? null : LocalTime.parse(text);
    }

    /** Rows by the oven in their first column. */
    private <T> Map<Long, List<T>> of(String sql, Database.Row<T> read) {
        Map<Long, List<T>> rows = new HashMap<>();
        database.list(
                sql,
                row -> rows.computeIfAbsent(row.getLong(1), id -> new ArrayList<>())
                        .add(read.of(row)));
        return rows;
    }

    @Override
    public void put(long id, OvenForm form) {
        Oven oven = form.parse();
        database.write(
                """
                insert into oven values (?, 1, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)
                on conflict (id) do update set edition = edition + 1, name = excluded.name,
                    tray_width_mm = excluded.tray_width_mm, tray_depth_mm = excluded.tray_depth_mm,
                    clearance_mm = excluded.clearance_mm, gap_mm = excluded.gap_mm,
                    preheat_min = excluded.preheat_min, preheat_kwh = excluded.preheat_kwh,
                    hold_kw = excluded.hold_kw, unload_min = excluded.unload_min, cold = excluded.cold,
                    air = excluded.air, opens = excluded.opens, closes = excluded.closes
                """,
                id,
                oven.name(),
                form.trayWidthMm(),
                form.trayDepthMm(),
                form.clearanceMm(),
                form.gapMm(),
                form.preheatMin(),
                form.preheatKwh(),
                form.keepHotKw(),
                oven.unload().min(),
                oven.cold(),
                or(form.air(), Air.STILL),
                form.opens(),
                form.closes());
        for (String table : List.of("dial_reading", "oven_shelf", "hot_spot")) {
            database.write("delete from " + table + " where oven_id = ?", id);
        }
        int position = 0;
        for (OvenForm.ReadingForm reading : or(form.readings(), List.<OvenForm.ReadingForm>of())) {
            database.write(
                    "insert into dial_reading values (?, ?, ?, ?)", id, position++, reading.dialC(), reading.readC());
        }
        position = 0;
        for (double clearance : or(form.moreClearancesMm(), List.<Double>of())) {
            database.write("insert into oven_shelf values (?, ?, ?)", id, position++, clearance);
        }
        position = 0;
        for (OvenForm.SpotForm spot : or(form.spots(), List.<OvenForm.SpotForm>of())) {
            database.write(
                    "insert into hot_spot values (?, ?, ?, ?, ?)",
                    id,
                    position++,
                    spot.leftMm(),
                    spot.backMm(),
                    spot.offC());
        }
    }

    /** Removes an oven that is not the first and that no load was in. */
    @Override
    public void remove(long id) {
        boolean used = database.one("select 1 from oven_load where oven_id = ? limit 1", row -> 1, id)
                .isPresent();
        if (id == FIRST || used) {
            throw new InvalidInputException(
                    "id",
                    used ? "an oven with past loads" : "the studio's first oven",
                    "an oven that was never used",
                    "Keep this oven, and change its name and sizes.");
        }
        database.write("delete from oven where id = ?", id);
    }

    /** The first oven as the core takes it. */
    public Oven first() {
        return find(FIRST).orElseThrow().form().parse();
    }
}
