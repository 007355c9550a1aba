package fairember.app.shelf;

import fairember.app.database.Database;
import fairember.app.journal.FormStore;
import fairember.core.stock.ClayRange;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Repository;

/** Clay ranges. */
@Repository
public class RangeStore implements FormStore<RangeForm> {
    private final Database database;

    RangeStore(Database database) {
        this.database = database;
    }

    @Override
    public String kind() {
        return "range";
    }

    @Override
    public Class<RangeForm> form() {
        return RangeForm.class;
    }

    @Override
    public String nameOf(RangeForm form) {
        return form.name();
    }

    @Override
    public Optional<Saved<RangeForm>> find(long id) {
        return database.one("select * from clay_line where id = ?", RangeStore::saved, id);
    }

    /** All ranges, by name. */
    public List<Saved<RangeForm>> all() {
        return database.list("select * from clay_line order by name, id", RangeStore::saved);
    }

    /** All ranges as the core takes them, by number. */
    public Map<Long, ClayRange> ranges() {
        Map<Long, ClayRange> ranges = new LinkedHashMap<>();
        all().forEach(saved -> ranges.put(saved.id(), saved.form().parse(saved.id())));
        return ranges;
    }

    private static Saved<RangeForm> saved(ResultSet row) throws SQLException {
        return new Saved<>(
                row.getLong("id"),
                row.getInt("edition"),
                new RangeForm(
                        row.getString("name"),
                        row.getDouble("low_c"),
                        row.getDouble("high_c"),
                        row.getDouble("ceiling_c"),
                        row.getDouble("per_6_mm_min"),
                        row.getDouble("least_min"),
                        row.getDouble("most_min"),
                        row.getDouble("greatest_mm"),
                        row.getDouble("density_g_per_cm3"),
                        Database.nullable(row, "dries_h")));
    }

    @Override
    public void put(long id, RangeForm form) {
        ClayRange range = form.parse(id);
        database.write(
                """
                insert into clay_line values (?, 1, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)
                on conflict (id) do update set edition = edition + 1, name = excluded.name, low_c = excluded.low_c,
                    high_c = excluded.high_c, ceiling_c = excluded.ceiling_c, per_6_mm_min = excluded.per_6_mm_min,
                    least_min = excluded.least_min, most_min = excluded.most_min,
                    greatest_mm = excluded.greatest_mm, density_g_per_cm3 = excluded.density_g_per_cm3,
                    dries_h = excluded.dries_h
                """,
                id,
                range.name(),
                form.lowC(),
                form.highC(),
                form.ceilingC(),
                form.per6MmMin(),
                form.leastMin(),
                form.mostMin(),
                form.greatestMm(),
                form.densityGPerCm3(),
                form.driesH());
    }

    @Override
    public void remove(long id) {
        database.write("delete from clay_line where id = ?", id);
    }
}
