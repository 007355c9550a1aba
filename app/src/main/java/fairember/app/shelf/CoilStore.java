package fairember.app.shelf;

import fairember.app.database.Database;
import fairember.app.journal.FormStore;
import fairember.core.wire.Metal;
import fairember.core.wire.WireCoil;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Repository;

/** Coils of wire on the shelf. */
@Repository
public class CoilStore implements FormStore<CoilForm> {
    private final Database database;

    CoilStore(Database database) {
        this.database = database;
    }

    @Override
    public String kind() {
        return "coil";
    }

    @Override
    public Class<CoilForm> form() {
        return CoilForm.class;
    }

    @Override
    public String nameOf(CoilForm form) {
        return form.name();
    }

    @Override
    public Optional<Saved<CoilForm>> find(long id) {
        return database.one("select * from wire_coil where id = ?", CoilStore::saved, id);
    }

    /** All coils, the thinnest first. */
    public List<Saved<CoilForm>> all() {
        return database.list("select * from wire_coil order by gauge_mm, name, id", CoilStore::saved);
    }

    /** All coils as the core takes them. */
    public List<WireCoil> coils() {
        return all().stream().map(saved -> saved.form().parse()).toList();
    }

    private static Saved<CoilForm> saved(ResultSet row) throws SQLException {
        return new Saved<>(
                row.getLong("id"),
                row.getInt("edition"),
                new CoilForm(
                        row.getString("name"),
                        row.getDouble("gauge_mm"),
                        Metal.valueOf(row.getString("metal")),
                        row.getDouble("length_m"),
                        row.getInt("on_shelf"),
                        row.getLong("price_minor")));
    }

    @Override
    public void put(long id, CoilForm form) {
        WireCoil coil = form.parse();
        database.write(
                """
                insert into wire_coil values (?, 1, ?, ?, ?, ?, ?, ?)
                on conflict (id) do update set edition = edition + 1, name = excluded.name,
                    gauge_mm = excluded.gauge_mm, metal = excluded.metal, length_m = excluded.length_m,
                    on_shelf = excluded.on_shelf, price_minor = excluded.price_minor
                """, id, coil.name(), form.gaugeMm(), form.metal(), form.lengthM(), form.onShelf(), form.priceMinor());
    }

    @Override
    public void remove(long id) {
        database.write("delete from wire_coil where id = ?", id);
    }
}
