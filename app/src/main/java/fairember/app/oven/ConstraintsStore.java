package fairember.app.oven;

import fairember.app.codec.Reference;
import fairember.app.document.DocumentTable;
import fairember.app.document.OneDocumentStore;
import fairember.core.studio.PlanConstraints;
import java.util.Map;
import org.springframework.stereotype.Repository;

/** The maker's constraints of the plan; there is one set of them. */
@Repository
public class ConstraintsStore extends OneDocumentStore<PlanConstraints> {
    ConstraintsStore(DocumentTable table) {
        super(table, "constraints", PlanConstraints.class, "Pinned loads", PlanConstraints.NONE);
    }

    /** What is baked or taken off the bench drops out of the constraints by itself. */
    @Override
    protected Map<Reference, String> references(long id, PlanConstraints constraints) {
        return Map.of();
    }
}
