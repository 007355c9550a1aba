package fairember.app.loadstart;

import fairember.core.batch.BakeRef;
import fairember.core.input.Span;
import fairember.core.ovenload.Bake;
import fairember.core.studio.LoadItem;

/** How many things of a bake really were in a load; none when it was not in it. */
record CorrectedCount(long batchId, long designId, int stage, int count) {
    static final Span COUNT = Span.count("count", "count", 0, (int) Bake.COUNT.high());

    /** It as an item of a load; more than none. */
    LoadItem item() {
        return new LoadItem(batchId, designId, stage, count);
    }

    boolean isOf(LoadItem item) {
        return item.bake().equals(new BakeRef(batchId, designId, stage));
    }
}
