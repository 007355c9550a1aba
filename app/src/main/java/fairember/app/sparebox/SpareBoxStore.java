package fairember.app.sparebox;

import fairember.app.document.DocumentStore;
import fairember.app.document.DocumentTable;
import fairember.core.design.SpareBox;
import java.util.Optional;
import org.springframework.stereotype.Repository;

/** The one box of spare parts. */
@Repository
public class SpareBoxStore extends DocumentStore<SpareBox> {
    /** There is one box. */
    public static final long ID = 1;

    SpareBoxStore(DocumentTable table) {
        super(table, "spares", SpareBox.class);
    }

    @Override
    public String nameOf(SpareBox form) {
        return "Spare parts";
    }

    /** The box; an empty one of edition 0 before anything was put in. */
    @Override
    public Optional<Saved<SpareBox>> find(long id) {
        return id == ID ? super.find(id).or(() -> Optional.of(new Saved<>(ID, 0, SpareBox.EMPTY))) : Optional.empty();
    }

    /** The box there is. */
    public Saved<SpareBox> saved() {
        return find(ID).orElseThrow();
    }

    @Override
    public void remove(long id) {
        throw new UnsupportedOperationException("A studio always has a box of spare parts.");
    }
}
