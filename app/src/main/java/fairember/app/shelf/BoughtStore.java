package fairember.app.shelf;

import fairember.app.database.Database;
import fairember.app.keeping.Kept;
import fairember.core.stock.BoughtPart;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Repository;

/** Bought parts on the shelf. */
@Repository
public class BoughtStore implements Kept<BoughtForm> {
    private final Database database;

    BoughtStore(Database database) {
        this.database = database;
    }

    @Override
    public String kind() {
        return "bought part";
    }

    @Override
    public Class<BoughtForm> form() {
        return BoughtForm.class;
    }

    @Override
    public String nameOf(BoughtForm form) {
        return form.name();
    }

    @Override
    public Optional<Held<BoughtForm>> find(long id) {
        return database.one("select * from bought_part where id = ?", BoughtStore::held, id);
    }

    /** All bought parts, by name. */
    public List<Held<BoughtForm>> all() {
        return database.list("select * from bought_part order by name, id", BoughtStore::held);
    }

    /** All bought parts as the core takes them, by number. */
    public Map<Long, BoughtPart> parts() {
        Map<Long, BoughtPart> parts = new LinkedHashMap<>();
        all().forEach(held -> parts.put(held.id(), held.form().parse(held.id())));
        return parts;
    }

    private static Held<BoughtForm> held(ResultSet row) throws SQLException {
        return new Held<>(
                row.getLong("id"),
                row.getInt("edition"),
                new BoughtForm(
                        row.getString("name"),
                        row.getLong("price_minor"),
                        row.getInt("on_shelf"),
                        row.getDouble("mass_g")));
    }

    @Override
    public void put(long id, BoughtForm form) {
        BoughtPart part = form.parse(id);
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
