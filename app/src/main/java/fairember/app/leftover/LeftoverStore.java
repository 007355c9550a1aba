package fairember.app.leftover;

import fairember.app.document.DocumentTable;
import fairember.app.document.OneDocumentStore;
import fairember.app.trialtile.ClayLearning;
import fairember.core.mix.Leftovers;
import fairember.core.mix.Lump;
import java.util.List;
import org.springframework.stereotype.Repository;

/** The one box of leftovers. */
@Repository
public class LeftoverStore extends OneDocumentStore<Leftovers> {
    private final ClayLearning clays;

    LeftoverStore(DocumentTable table, ClayLearning clays) {
        super(table, "leftovers", Leftovers.class, "Leftovers", Leftovers.NONE);
        this.clays = clays;
    }

    /** Its lumps as the core takes them. */
    public List<Lump> lumps() {
        return saved().value().of(clays.clays());
    }

    @Override
    protected void check(long id, Leftovers given) {
        given.of(clays.clays());
    }
}
