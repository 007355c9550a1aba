package fairember.app.oven;

import fairember.app.document.DocumentStore;
import fairember.app.document.DocumentTable;
import java.util.Optional;
import org.springframework.stereotype.Repository;

/** The maker's constraints of the plan; there is one set of them. */
@Repository
public class ConstraintsStore extends DocumentStore<ConstraintsForm> {
    public static final long ID = 1;

    ConstraintsStore(DocumentTable table) {
        super(table, "constraints", ConstraintsForm.class);
    }

    @Override
    public String nameOf(ConstraintsForm form) {
        return "Pinned loads";
    }

    /** The constraints; none of edition 0 before the first. */
    @Override
    public Optional<Saved<ConstraintsForm>> find(long id) {
        return id == ID
                ? super.find(id).or(() -> Optional.of(new Saved<>(ID, 0, ConstraintsForm.NONE)))
                : Optional.empty();
    }

    public Saved<ConstraintsForm> saved() {
        return find(ID).orElseThrow();
    }

    @Override
    protected ConstraintsForm checked(long id, ConstraintsForm given) {
        given.check();
        return given;
    }
}
