package fairember.app.document;

import java.util.Optional;

/**
 * The one document of a kind of which a studio has exactly one. It is there before it was ever written: empty, of edition 0.
 *
 * @param <D> the record
 */
public abstract class OneDocumentStore<D extends Record> extends DocumentStore<D> {
    /** Its number. */
    public static final long ID = 1;

    private final String name;
    private final D empty;

    /**
     * A store of one document.
     *
     * @param name what it is called in messages
     * @param empty what it is before anything was written
     */
    protected OneDocumentStore(DocumentTable table, String kind, Class<D> type, String name, D empty) {
        super(table, kind, type);
        this.name = name;
        this.empty = empty;
    }

    @Override
    public String nameOf(D document) {
        return name;
    }

    @Override
    public Optional<Saved<D>> find(long id) {
        return id == ID ? super.find(id).or(() -> Optional.of(new Saved<>(ID, 0, empty))) : Optional.empty();
    }

    /** The document there is. */
    public Saved<D> saved() {
        return find(ID).orElseThrow();
    }

    @Override
    public void remove(long id) {
        throw new UnsupportedOperationException(name + " cannot be removed.");
    }
}
