package fairember.core.studio;

import fairember.core.document.RefersTo;
import fairember.core.input.Span;
import fairember.core.ovenload.Bake;

/**
 * A number of things of a stage bake of a design in a batch.
 *
 * @param stage counted from 0
 */
public record LoadItem(
        @RefersTo("batch") long batchId, @RefersTo("design") long designId, int stage, int count) {
    public static final Span COUNT = Bake.COUNT;

    /** The bake it is of. */
    public BakeRef bake() {
        return new BakeRef(batchId, designId, stage);
    }
}
