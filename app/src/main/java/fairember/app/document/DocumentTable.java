package fairember.app.document;

import fairember.app.codec.Reference;
import fairember.app.database.Database;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Repository;
import tools.jackson.databind.json.JsonMapper;

/** The table of all documents and the one of their references. */
@Repository
public class DocumentTable {
    private final Database database;
    private final JsonMapper mapper;

    DocumentTable(Database database, JsonMapper mapper) {
        this.database = database;
        this.mapper = mapper;
    }

    /** A document as it lies in the table. */
    record Row(long id, int edition, String json) {}

    JsonMapper mapper() {
        return mapper;
    }

    Optional<Row> find(String kind, long id) {
        return database.one(
                "select id, edition, json from document where kind = ? and id = ?",
                row -> new Row(row.getLong(1), row.getInt(2), row.getString(3)),
                kind,
                id);
    }

    /** All documents of a kind, by name. */
    List<Row> all(String kind) {
        return database.list(
                "select id, edition, json from document where kind = ? order by name, id",
                row -> new Row(row.getLong(1), row.getInt(2), row.getString(3)),
                kind);
    }

    public boolean holds(Reference reference) {
        return find(reference.kind(), reference.id()).isPresent();
    }

    /** Whether a document of a kind refers to this one. */
    public boolean isUsed(String by, Reference used) {
        return database.one(
                        "select 1 from reference where from_kind = ? and to_kind = ? and to_id = ? limit 1",
                        row -> 1,
                        by,
                        used.kind(),
                        used.id())
                .isPresent();
    }

    /**
     * Writes a document, new or over the old, with its edition raised by one.
     *
     * @throws fairember.app.database.StoreException when it refers to something that is not there
     */
    void put(String kind, long id, String name, String json, Collection<Reference> references) {
        database.write("""
                insert into document (kind, id, edition, name, json) values (?, ?, 1, ?, ?)
                on conflict (kind, id) do update set edition = edition + 1, name = excluded.name, json = excluded.json
                """, kind, id, name, json);
        database.write("delete from reference where from_kind = ? and from_id = ?", kind, id);
        for (Reference to : references) {
            database.write("insert or ignore into reference values (?, ?, ?, ?)", kind, id, to.kind(), to.id());
        }
    }

    /**
     * Removes a document.
     *
     * @throws fairember.app.database.StoreException when another one refers to it
     */
    void remove(String kind, long id) {
        database.write("delete from document where kind = ? and id = ?", kind, id);
    }
}
