package fairember.app.document;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import fairember.app.codec.Codec;
import fairember.app.codec.Reference;
import fairember.core.input.Gathering;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The documents of one kind, each a record of the core as JSON. What is wrong with one alone its record says; a store adds what is
 * wrong with it among the others.
 *
 * @param <D> the record
 */
public abstract class DocumentStore<D extends Record> implements SavedKind<D> {
    private static final int KEPT = 500;

    protected final DocumentTable table;
    private final String kind;
    private final Class<D> type;

    /** Documents by their number and JSON; they never change. */
    private final Cache<Known, D> documents =
            Caffeine.newBuilder().maximumSize(KEPT).build();

    private record Known(long id, String json) {}

    protected DocumentStore(DocumentTable table, String kind, Class<D> type) {
        this.table = table;
        this.kind = kind;
        this.type = type;
    }

    /**
     * Refuses a document that cannot be among the others; nothing is refused unless a store says so.
     *
     * @throws fairember.core.input.InvalidInputException with everything that is wrong
     */
    protected void check(long id, D given) {}

    /** What stays as long as a document refers to it, with the path at which it does: what its components say, unless a store knows better. */
    protected Map<Reference, String> references(long id, D document) {
        Map<Reference, String> references = new LinkedHashMap<>();
        Codec.references(document, references::putIfAbsent);
        return references;
    }

    @Override
    public String kind() {
        return kind;
    }

    @Override
    public String nameOf(D document) {
        return Codec.write(document).path("name").asString();
    }

    @Override
    public Optional<Saved<D>> find(long id) {
        return table.find(kind, id).map(this::saved);
    }

    /** All of this kind, by name unless the store has a better order. */
    public List<Saved<D>> all() {
        return table.all(kind).stream().map(this::saved).toList();
    }

    private Saved<D> saved(DocumentTable.Row row) {
        D read = documents.get(new Known(row.id(), row.json()), known -> read(known.json(), known.id()));
        return new Saved<>(row.id(), row.edition(), read);
    }

    @Override
    public D read(String json, long id) {
        return Codec.read(table.mapper().readTree(json), type, id);
    }

    @Override
    public void put(long id, D given) {
        D document = Codec.read(Codec.write(given), type, id);
        check(id, document);
        Map<Reference, String> references = references(id, document);
        Gathering g = new Gathering();
        references.forEach((reference, path) -> {
            if (!table.holds(reference)) {
                String wanted = reference.words();
                g.error(path, wanted + " " + reference.id(), "an existing " + wanted, "Choose another " + wanted + ".");
            }
        });
        g.orRefuse();
        table.put(kind, id, nameOf(document), Codec.write(document).toString(), references.keySet());
    }

    @Override
    public void remove(long id) {
        table.remove(kind, id);
    }
}
