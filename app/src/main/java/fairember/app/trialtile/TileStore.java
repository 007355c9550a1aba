package fairember.app.trialtile;

import fairember.app.document.DocumentStore;
import fairember.app.document.DocumentTable;
import fairember.app.document.Reference;
import fairember.app.shelf.ClayStore;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import org.springframework.stereotype.Repository;

/** Trial tiles and what went into them. */
@Repository
class TileStore extends DocumentStore<TileForm> {
    private static final Comparator<Saved<TileForm>> NEWEST_FIRST = Comparator.comparing(
                    (Saved<TileForm> saved) -> saved.form().madeOn())
            .thenComparing(Saved::id)
            .reversed();

    private final ClayStore clays;

    TileStore(DocumentTable table, ClayStore clays) {
        super(table, "tile", TileForm.class);
        this.clays = clays;
    }

    @Override
    public String nameOf(TileForm form) {
        return form.name();
    }

    /** All tiles, the newest first. */
    @Override
    public List<Saved<TileForm>> all() {
        return super.all().stream().sorted(NEWEST_FIRST).toList();
    }

    @Override
    protected TileForm checked(long id, TileForm given) {
        given.parse(clays.clays().keySet());
        return given;
    }

    @Override
    protected Collection<Reference> references(long id, TileForm saved) {
        return saved.parts().stream()
                .map(part -> new Reference("clay", part.clayId()))
                .toList();
    }
}
