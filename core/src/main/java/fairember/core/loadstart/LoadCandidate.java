package fairember.core.loadstart;

import fairember.core.batch.BatchState;
import fairember.core.batch.Job;

/**
 * Things that are to go in.
 *
 * @param job they are of, with what is done of it
 * @param stage counted from 0
 * @param count of things; several may make up one piece
 */
public record LoadCandidate(Job job, BatchState state, String batchName, int stage, int count) {
    int unitsEach() {
        return job.design().stages().get(stage).unitsEach();
    }

    /** Pieces that are through, in the oven, or go in now. */
    public int piecesThen() {
        return pieces(job.progress().bakedOrIn(stage) + count);
    }

    /** Pieces that go in now. */
    int pieces() {
        return pieces(count);
    }

    /** Pieces that so many things are, a begun one counted whole. */
    private int pieces(int things) {
        return (things + unitsEach() - 1) / unitsEach();
    }

    /** The design and the bake. */
    public String name() {
        return job.design().design().stageName(stage);
    }
}
