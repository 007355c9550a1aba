package fairember.app.batch;

import fairember.app.database.Database;
import fairember.app.journal.ChangeReach;
import java.util.Set;
import org.springframework.stereotype.Component;

/** What the plan of loads and work is made of; of the designs, those of batches that are not finished. */
@Component
class PlanReach implements ChangeReach {
    private static final Set<String> PLAN = Set.of("plan");
    private static final Set<String> KINDS = Set.of(
            "settings",
            "oven",
            "range",
            "clay",
            "mix",
            "supply",
            "batch",
            "progress",
            "load",
            "constraints",
            "daybook");

    private final Database database;

    PlanReach(Database database) {
        this.database = database;
    }

    @Override
    public Set<String> of(String kind, long id) {
        return KINDS.contains(kind) || (kind.equals("design") && isPlanned(id)) ? PLAN : Set.of();
    }

    private boolean isPlanned(long designId) {
        return database.one("""
                select 1 from batch_design join document on kind = 'batch' and id = batch_id
                where design_id = ? and json ->> '$.state' <> 'FINISHED' limit 1
                """, row -> 1, designId).isPresent();
    }
}
