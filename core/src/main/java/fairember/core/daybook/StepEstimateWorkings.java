package fairember.core.daybook;

import fairember.core.design.Step;
import fairember.core.workings.Source;
import fairember.core.workings.Workings;

/** How the minutes expected of a step come about. */
public final class StepEstimateWorkings {
    private StepEstimateWorkings() {}

    /** For so many pieces. */
    public static Workings of(Step step, StepEstimate estimate, int pieces) {
        Source known = estimate.isLearned() ? Source.LEARNED : Source.ENTERED;
        return Workings.of("Minutes of " + step.name() + " for " + pieces)
                .given("u", "the step's own set-up", step.setup().min(), "min", Source.ENTERED)
                .given("i", "the step's own minutes for a piece", step.each().min(), "min", Source.ENTERED)
                .given("b", "batches that were logged", estimate.batches(), "", Source.LEARNED)
                .given(
                        "s",
                        "set-up, of these and the step's own",
                        estimate.setup().min(),
                        "min",
                        known)
                .given("e", "minutes for a piece, likewise", estimate.each().min(), "min", known)
                .given("n", "pieces", pieces, "", Source.ENTERED)
                .worked("T", "expected", estimate.of(pieces).expected().min(), "min", "s + n·e")
                .done();
    }
}
