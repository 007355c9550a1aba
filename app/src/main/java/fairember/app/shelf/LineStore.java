package fairember.app.shelf;

import fairember.app.database.Database;
import fairember.app.keeping.Kept;
import fairember.core.stock.ClayLine;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Repository;

/** Lines of clay. */
@Repository
public class LineStore implements Kept<LineForm> {
    private final Database database;

    LineStore(Database database) {
        this.database = database;
    }

    @Override
    public String kind() {
        return "line";
    }

    @Override
    public Class<LineForm> form() {
        return LineForm.class;
    }

    @Override
    public String nameOf(LineForm form) {
        return form.name();
    }

    @Override
    public Optional<Held<LineForm>> find(long id) {
        return database.one("select * from clay_line where id = ?", LineStore::held, id);
    }

    /** All lines, by name. */
    public List<Held<LineForm>> all() {
        return database.list("select * from clay_line order by name, id", LineStore::held);
    }

    /** All lines as the core takes them, by number. */
    public Map<Long, ClayLine> lines() {
        Map<Long, ClayLine> lines = new LinkedHashMap<>();
        all().forEach(held -> lines.put(held.id(), held.form().parse(held.id())));
        return lines;
    }

    private static Held<LineForm> held(ResultSet row) throws SQLException {
        return new Held<>(
                row.getLong("id"),
                row.getInt("edition"),
                new LineForm(
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
    public void put(long id, LineForm form) {
        ClayLine line = form.parse(id);
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
                line.name(),
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
