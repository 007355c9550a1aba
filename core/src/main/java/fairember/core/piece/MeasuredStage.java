package fairember.core.piece;

import fairember.core.bake.BakeNeed;
import fairember.core.finding.Finding;
import fairember.core.measure.Minutes;
import fairember.core.shape.Box;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A stage bake with its sums.
 *
 * @param stage as it was told
 * @param need of the oven
 * @param solidHold minutes it would take if no part had a core
 * @param unit box of one thing on the tray
 * @param unitsEach things on the tray for one piece: 1, or the loose parts of the stage
 * @param heat what heat has to say of it; null when it cures nothing
 * @param findings what the rules say of the inserts in it, and, in the last, of light clay in all of them
 */
public record MeasuredStage(
        Stage stage,
        BakeNeed need,
        Minutes solidHold,
        Box unit,
        int unitsEach,
        @Nullable StageHeat heat,
        List<Finding> findings) {
    public MeasuredStage {
        findings = List.copyOf(findings);
    }

    /** The same with more findings. */
    MeasuredStage and(List<Finding> more) {
        List<Finding> all = new ArrayList<>(findings);
        all.addAll(more);
        return new MeasuredStage(stage, need, solidHold, unit, unitsEach, heat, all);
    }
}
