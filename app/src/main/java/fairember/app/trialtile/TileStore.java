package fairember.app.trialtile;

import fairember.app.document.DocumentStore;
import fairember.app.document.DocumentTable;
import fairember.core.colourcalibration.LoggedTile;
import java.util.Comparator;
import java.util.List;
import org.springframework.stereotype.Repository;

/** Trial tiles and what went into them. */
@Repository
class TileStore extends DocumentStore<LoggedTile> {
    private static final Comparator<Saved<LoggedTile>> NEWEST_FIRST = Comparator.comparing(
                    (Saved<LoggedTile> saved) -> saved.value().madeOn())
            .thenComparing(Saved::id)
            .reversed();

    TileStore(DocumentTable table) {
        super(table, "tile", LoggedTile.class);
    }

    /** All tiles, the newest first. */
    @Override
    public List<Saved<LoggedTile>> all() {
        return super.all().stream().sorted(NEWEST_FIRST).toList();
    }
}
