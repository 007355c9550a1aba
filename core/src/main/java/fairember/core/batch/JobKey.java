package fairember.core.batch;

/** What a job is known by: a design in a batch. */
public record JobKey(long batchId, long designId) {
    /** A name that stays: its two numbers. */
    public String words() {
        return batchId + "/" + designId;
    }

    /** One of its bakes. */
    public BakeRef bake(int stage) {
        return new BakeRef(batchId, designId, stage);
    }
}
