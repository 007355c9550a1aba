package fairember.app.shelf;

import fairember.app.database.Database;
import fairember.app.journal.FormStore;
import fairember.core.stock.Finding;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Repository;

/** Bought parts on the shelf. */
@Repository
public class FindingStore implements FormStore<FindingForm> {
    private final Database database;

    FindingStore(Database database) {
        this.database = database;
    }

    @Override
    public String kind() {
        return "finding";
    }

    @Override
    public Class<FindingForm> form() {
        return FindingForm.class;
    }

    @Override
    public String nameOf(FindingForm form) {
        return form.name();
    }

    @Override
    public Optional<Saved<FindingForm>> find(long id) {
        return database.one("select * from bought_part where id = ?", FindingStore::saved, id);
    }

    /** All findings, by name. */
    public List<Saved<FindingForm>> all() {
        return database.list("select * from bought_part order by name, id", FindingStore::saved);
    }

    /** All findings as the core takes them, by number. */
    public Map<Long, Finding> parts() {
        Map<Long, Finding> parts = new LinkedHashMap<>();
        all().forEach(saved -> parts.put(saved.id(), saved.form().parse(saved.id())));
        return parts;
    }

    private static Saved<FindingForm> saved(ResultSet row) throws SQLException {
        return new Saved<>(
                row.getLong("id"),
                row.getInt("edition"),
                new FindingForm(
                        row.getString("name"),
                        row.getLong("price_minor"),
                        row.getInt("on_shelf"),
                        row.getDouble("mass_g")));
    }

    @Override
    public void put(long id, FindingForm form) {
        Finding part = form.parse(id);
        database.write("""
                insert into bought_part values (?, 1, ?, ?, ?, ?)
                on conflict (id) do update set edition = edition + 1, name = excluded.name,
                    price_minor = excluded.price_minor, on_shelf = excluded.on_shelf, mass_g = excluded.mass_g
                """, id, part.name(), form.priceMinor(), form.onShelf(), form.massG());
    }

    @Override
    public void remove(long id) {
        database.write("delete from bought_part where id = ?", id);
    }
}
