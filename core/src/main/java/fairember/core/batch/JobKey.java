package fairember.core.batch;

/**
 * What a job is known by: a design in a batch.
 *
 * @param first whether it is the first piece, which is made alone
 */
public record JobKey(long batchId, long designId, boolean first) {
    /** All pieces of a design in a batch, or those after the first. */
    public JobKey(long batchId, long designId) {
        this(batchId, designId, false);
    }

    /** A name that stays: its two numbers. */
    public String words() {
        return batchId + "/" + designId + (first ? "/first" : "");
    }

    /** The design in the batch, whichever of its pieces are meant. */
    public JobKey whole() {
        return first ? new JobKey(batchId, designId) : this;
    }

    /** One of its bakes. */
    public BakeRef bake(int stage) {
        return new BakeRef(batchId, designId, stage, first);
    }
}
