package fairember.core.studio;

/**
 * A stage bake of a design in a batch.
 *
 * @param stage counted from 0
 */
public record BakeRef(long batchId, long designId, int stage) {}
