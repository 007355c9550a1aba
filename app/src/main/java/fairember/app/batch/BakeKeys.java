package fairember.app.batch;

import fairember.core.ovenload.LoadProblem;
import fairember.core.studio.BakeRef;
import fairember.core.studio.LoadItem;
import java.util.List;

/** The keys by which the core knows a batch's jobs and bakes: "batch/design" and "batch/design/stage". */
public final class BakeKeys {
    private BakeKeys() {}

    static String job(long batchId, long designId) {
        return batchId + "/" + designId;
    }

    static String bake(LoadItem item) {
        return job(item.batchId(), item.designId()) + "/" + item.stage();
    }

    static String bake(BakeRef bake) {
        return job(bake.batchId(), bake.designId()) + "/" + bake.stage();
    }

    /** Items as a plan holds them. */
    public static List<LoadProblem.PinnedItem> pinnedItems(List<LoadItem> items) {
        return items.stream()
                .map(item -> new LoadProblem.PinnedItem(bake(item), item.count()))
                .toList();
    }

    /** The item that a key and a count stand for. */
    public static LoadItem item(String bakeKey, int count) {
        String[] ids = bakeKey.split("/", -1);
        return new LoadItem(Long.parseLong(ids[0]), Long.parseLong(ids[1]), Integer.parseInt(ids[2]), count);
    }

    /** The bake that a key stands for. */
    static BakeRef ref(String bakeKey) {
        LoadItem one = item(bakeKey, 1);
        return new BakeRef(one.batchId(), one.designId(), one.stage());
    }
}
