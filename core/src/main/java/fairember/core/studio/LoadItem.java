package fairember.core.studio;

import fairember.core.batch.BakeRef;
import fairember.core.document.RefersTo;
import fairember.core.input.Span;
import fairember.core.ovenload.Bake;
import fairember.core.ovenload.LoadProblem;

/**
 * A number of things of a stage bake of a design in a batch.
 *
 * @param stage counted from 0
 */
public record LoadItem(
        @RefersTo("batch") long batchId, @RefersTo("design") long designId, int stage, int count) {
    public static final Span COUNT = Bake.COUNT;

    /** So many of a bake. */
    public static LoadItem of(BakeRef bake, int count) {
        return new LoadItem(bake.batchId(), bake.designId(), bake.stage(), count);
    }

    /** The item as a plan holds it. */
    public LoadProblem.PinnedItem pinned() {
        return new LoadProblem.PinnedItem(bake(), count);
    }

    /** The bake it is of. */
    public BakeRef bake() {
        return new BakeRef(batchId, designId, stage);
    }
}
