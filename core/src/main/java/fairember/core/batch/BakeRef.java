package fairember.core.batch;

import fairember.core.document.Default;
import fairember.core.ovenload.Bake;
import fairember.core.ovenload.BakeKey;

/**
 * A stage bake of a design in a batch.
 *
 * @param stage counted from 0
 * @param first whether it is that of the first piece, which is made alone
 */
public record BakeRef(
        long batchId,
        long designId,
        int stage,
        @Default("false") boolean first) implements BakeKey {
    /** The bake of all pieces, or of those after the first. */
    public BakeRef(long batchId, long designId, int stage) {
        this(batchId, designId, stage, false);
    }

    /**
     * The one that a bake in a plan of jobs stands for.
     *
     * @throws ClassCastException when the plan is of other bakes
     */
    public static BakeRef of(Bake bake) {
        return (BakeRef) bake.key();
    }

    @Override
    public String words() {
        return job().words() + "/" + stage;
    }

    /** The job it is of. */
    public JobKey job() {
        return new JobKey(batchId, designId, first);
    }

    /** The bake of the design in the batch, whichever of its pieces are meant. */
    public BakeRef whole() {
        return first ? new BakeRef(batchId, designId, stage) : this;
    }
}
