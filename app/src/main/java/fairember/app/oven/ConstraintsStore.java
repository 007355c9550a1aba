package fairember.app.oven;

import fairember.app.codec.Reference;
import fairember.app.document.DocumentStore;
import fairember.app.document.DocumentTable;
import fairember.core.studio.PlanConstraints;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Repository;

/** The maker's constraints of the plan; there is one set of them. */
@Repository
public class ConstraintsStore extends DocumentStore<PlanConstraints> {
    public static final long ID = 1;

    ConstraintsStore(DocumentTable table) {
        super(table, "constraints", PlanConstraints.class);
    }

    @Override
    public String nameOf(PlanConstraints form) {
        return "Pinned loads";
    }

    /** The constraints; none of edition 0 before the first. */
    @Override
    public Optional<Saved<PlanConstraints>> find(long id) {
        return id == ID
                ? super.find(id).or(() -> Optional.of(new Saved<>(ID, 0, PlanConstraints.NONE)))
                : Optional.empty();
    }

    /** What is baked or taken off the bench drops out of the constraints by itself. */
    @Override
    protected Map<Reference, String> references(long id, PlanConstraints constraints) {
        return Map.of();
    }

    public Saved<PlanConstraints> saved() {
        return find(ID).orElseThrow();
    }
}
