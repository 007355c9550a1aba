package fairember.core.bake;

import fairember.core.finding.Finding;
import fairember.core.measure.Length;
import fairember.core.measure.Minutes;
import java.util.List;
import java.util.Optional;

/**
 * What one stage bake needs of the oven.
 *
 * @param kind of stage
 * @param rules it was reckoned by
 * @param window temperatures that suit every clay in it
 * @param thickest section heat has to cross
 * @param bySection minutes the packet's rate gives for that section
 * @param hold minutes in the oven at temperature; none when it dries in the air
 * @param drying minutes in the air, for clay that is not baked
 * @param most minutes it may stay in at most; never under {@code hold}
 * @param reason why that hold, in words
 * @param findings what the rules say of it
 */
public record BakeNeed(
        StageKind kind,
        BakeRules rules,
        SharedWindow window,
        Length thickest,
        Minutes bySection,
        Minutes hold,
        Optional<Minutes> drying,
        Minutes most,
        String reason,
        List<Finding> findings) {
    public BakeNeed {
        findings = List.copyOf(findings);
    }
}
