package fairember.app.leftover;

import fairember.app.document.DocumentStore;
import fairember.app.document.DocumentTable;
import fairember.app.trialtile.ClayLearning;
import fairember.core.mix.Leftovers;
import fairember.core.mix.Lump;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Repository;

/** The one box of leftovers. */
@Repository
public class LeftoverStore extends DocumentStore<Leftovers> {
    /** There is one box. */
    public static final long ID = 1;

    private final ClayLearning clays;

    LeftoverStore(DocumentTable table, ClayLearning clays) {
        super(table, "leftovers", Leftovers.class);
        this.clays = clays;
    }

    @Override
    public String nameOf(Leftovers form) {
        return "Leftovers";
    }

    /** The box; an empty one of edition 0 before anything was put in. */
    @Override
    public Optional<Saved<Leftovers>> find(long id) {
        return id == ID ? super.find(id).or(() -> Optional.of(new Saved<>(ID, 0, Leftovers.NONE))) : Optional.empty();
    }

    /** The box there is. */
    public Saved<Leftovers> saved() {
        return find(ID).orElseThrow();
    }

    /** Its lumps as the core takes them. */
    public List<Lump> lumps() {
        return saved().value().of(clays.clays());
    }

    @Override
    protected void check(long id, Leftovers given) {
        given.of(clays.clays());
    }

    @Override
    public void remove(long id) {
        throw new UnsupportedOperationException("A studio always has a box of leftovers.");
    }
}
