package fairember.app.run;

import fairember.app.oven.LoadForm;
import fairember.app.oven.WishesForm;
import fairember.core.ovenload.LoadProblem;
import java.util.List;

/** The keys by which the core knows a run's jobs and bakes: "run/piece" and "run/piece/stage". */
public final class BakeKeys {
    private BakeKeys() {}

    static String job(long runId, long pieceId) {
        return runId + "/" + pieceId;
    }

    static String bake(LoadForm.LoadItemForm item) {
        return job(item.runId(), item.pieceId()) + "/" + item.stage();
    }

    static String bake(WishesForm.BakeRef bake) {
        return job(bake.runId(), bake.pieceId()) + "/" + bake.stage();
    }

    /** Items as a plan holds them. */
    public static List<LoadProblem.Held> held(List<LoadForm.LoadItemForm> items) {
        return items.stream()
                .map(item -> new LoadProblem.Held(bake(item), item.count()))
                .toList();
    }

    /** The item that a key and a count stand for. */
    public static LoadForm.LoadItemForm item(String bakeKey, int count) {
        String[] ids = bakeKey.split("/", -1);
        return new LoadForm.LoadItemForm(
                Long.parseLong(ids[0]), Long.parseLong(ids[1]), Integer.parseInt(ids[2]), count);
    }

    /** The bake that a key stands for. */
    static WishesForm.BakeRef ref(String bakeKey) {
        LoadForm.LoadItemForm one = item(bakeKey, 1);
        return new WishesForm.BakeRef(one.runId(), one.pieceId(), one.stage());
    }
}
