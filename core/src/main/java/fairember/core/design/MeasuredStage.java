package fairember.core.design;

import fairember.core.advice.Advice;
import fairember.core.bake.BakeNeed;
import fairember.core.quantity.Minutes;
import fairember.core.shape.Box;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A stage bake with its sums.
 *
 * @param stage as it was given
 * @param need of the oven
 * @param solidBakingTime minutes it would take if no part had a core
 * @param unit box of one thing on the tray
 * @param unitsEach things on the tray for one design: 1, or the loose parts of the stage
 * @param heat what heat has to say of it; null when it cures nothing
 * @param advice what the rules say of the inserts in it, and, in the last, of light clay in all of them
 */
public record MeasuredStage(
        Stage stage,
        BakeNeed need,
        Minutes solidBakingTime,
        Box unit,
        int unitsEach,
        @Nullable StageHeat heat,
        List<Advice> advice) {
    public MeasuredStage {
        advice = List.copyOf(advice);
    }

    /** The same with more advice. */
    MeasuredStage and(List<Advice> more) {
        List<Advice> all = new ArrayList<>(advice);
        all.addAll(more);
        return new MeasuredStage(stage, need, solidBakingTime, unit, unitsEach, heat, all);
    }
}
