package fairember.core.ovenload;

import fairember.core.finding.Finding;
import java.util.List;

/**
 * Loads in the order they are baked.
 *
 * @param loads none of which holds a bake together with one that must come first
 * @param findings on bakes that could not be planned
 */
public record LoadPlan(List<PlannedLoad> loads, List<Finding> findings) {
    public LoadPlan {
        loads = List.copyOf(loads);
        findings = List.copyOf(findings);
    }
}
