package fairember.core.design;

import fairember.core.advice.Advice;
import fairember.core.bake.BakeNeed;
import fairember.core.quantity.Mass;
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
 * @param unitsEach things on the tray for one design: 1, or the parts of a set of separate ones
 * @param heat what heat has to say of it; null when it cures nothing
 * @param lump the raw parts that are thicker together than any of them alone, or null
 * @param contents what is in it
 * @param mass of all that is in it, for one design, with what only holds it
 * @param advice what the rules say of the inserts in it, and, in the last, of light clay in all of them
 */
public record MeasuredStage(
        Stage stage,
        BakeNeed need,
        Minutes solidBakingTime,
        Box unit,
        int unitsEach,
        @Nullable StageHeat heat,
        @Nullable OneLump lump,
        List<Content> contents,
        Mass mass,
        List<Advice> advice) {
    public MeasuredStage {
        contents = List.copyOf(contents);
        advice = List.copyOf(advice);
    }

    /** Something that is in the oven. */
    public record Content(String name, State state) {
        /** Whether it has had a full bake before, and whether it needs one. */
        public enum State {
            RAW,
            CURED,
            NOT_CLAY
        }
    }

    /** The same with more advice. */
    MeasuredStage and(List<Advice> more) {
        List<Advice> all = new ArrayList<>(advice);
        all.addAll(more);
        return new MeasuredStage(stage, need, solidBakingTime, unit, unitsEach, heat, lump, contents, mass, all);
    }
}
