package fairember.app.bench;

import fairember.core.batch.BatchProgress;
import fairember.core.batch.Job;
import fairember.core.batch.JobInHand;
import fairember.core.daybook.DaybookLine;
import fairember.core.daybook.StepEstimate;
import fairember.core.design.CheckLine;
import fairember.core.design.Step;
import fairember.core.design.StepKind;
import fairember.core.quantity.Minutes;
import java.time.Instant;

/**
 * The current job of a maker with its job, its counts and its time.
 *
 * @param doneAgain pieces counted as done that were lost later and are made again
 */
record CurrentJob(
        JobInHand current,
        String batchName,
        Job job,
        Step step,
        BatchProgress.Tally tally,
        int doneAgain,
        Minutes logged) {
    StepEstimate estimate() {
        return job.estimate(current.step());
    }

    /** Pieces that are through this step now. */
    int done() {
        return Math.max(0, tally.done() - doneAgain);
    }

    /** Whether a line of the checks is ticked before what is done now: varnish, or the last step, in which it is packed. */
    boolean isDue(CheckLine line) {
        return switch (line.before()) {
            case VARNISH -> step.kind() == StepKind.VARNISH;
            case PACKING -> current.step() == job.design().design().steps().size() - 1;
            case LAST_BAKE, BAKE -> false;
        };
    }

    DaybookLine.AtStep where() {
        return new DaybookLine.AtStep(current.batchId(), current.designId(), current.step(), step);
    }

    /** Whether the timer has run so long that it was forgotten. */
    boolean forgotten(Instant now) {
        return current.forgotten(now, estimate().of(job.quantity()));
    }
}
