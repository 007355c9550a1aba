package fairember.core.studio;

import fairember.core.batch.BakeRef;
import fairember.core.document.Default;
import fairember.core.document.RefersTo;
import fairember.core.input.Span;
import fairember.core.ovenload.Bake;
import fairember.core.ovenload.LoadProblem;

/**
 * A number of things of a stage bake of a design in a batch.
 *
 * @param stage counted from 0
 * @param first whether it is the first piece of the design, which is made alone
 */
public record LoadItem(
        @RefersTo("batch") long batchId,
        @RefersTo("design") long designId,
        int stage,
        int count,
        @Default("false") boolean first) {
    public static final Span COUNT = Bake.COUNT;

    /** A number of things, whichever pieces they are of. */
    public LoadItem(long batchId, long designId, int stage, int count) {
        this(batchId, designId, stage, count, false);
    }

    /** So many of a bake. */
    public static LoadItem of(BakeRef bake, int count) {
        return new LoadItem(bake.batchId(), bake.designId(), bake.stage(), count, bake.first());
    }

    /** The item as a plan holds it. */
    public LoadProblem.PinnedItem pinned() {
        return new LoadProblem.PinnedItem(bake(), count);
    }

    /** As many things, whichever pieces they are of. */
    public LoadItem whole() {
        return new LoadItem(batchId, designId, stage, count);
    }

    /** The bake it is of. */
    public BakeRef bake() {
        return new BakeRef(batchId, designId, stage, first);
    }
}
