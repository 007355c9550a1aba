package fairember.core.batch;

import fairember.core.ovenload.Bake;
import fairember.core.ovenload.BakeKey;

/**
 * A stage bake of a design in a batch.
 *
 * @param stage counted from 0
 */
public record BakeRef(long batchId, long designId, int stage) implements BakeKey {
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
        return new JobKey(batchId, designId);
    }
}
