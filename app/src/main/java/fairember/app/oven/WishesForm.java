package fairember.app.oven;

import static fairember.app.web.Given.all;

import fairember.core.measure.Gathering;
import fairember.core.ovenload.Bake;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** What the maker wants of the plan of loads: loads that are held as they are, and bakes that are kept apart. */
public record WishesForm(List<PinnedLoadForm> pins, List<ApartForm> apart) {
    public static final WishesForm NONE = new WishesForm(List.of(), List.of());
    private static final int MOST = 60;

    /** A load that is held; without a time only what is in it. */
    public record PinnedLoadForm(long ovenId, @Nullable LocalDateTime inAt, List<LoadForm.LoadItemForm> items) {}

    /** A stage bake of a piece in a run. */
    public record BakeRef(long runId, long pieceId, int stage) {}

    /** Two bakes that are not to share a load. */
    public record ApartForm(BakeRef one, BakeRef other) {}

    /**
     * These wishes as far as they can still come true: held loads lose what is baked of them meanwhile, and go with the
     * last of it.
     *
     * @param left of each bake, still to go in; bakes that are not there are done
     */
    public WishesForm left(Map<BakeRef, Integer> left) {
        Map<BakeRef, Integer> free = new HashMap<>(left);
        List<PinnedLoadForm> still = new ArrayList<>();
        for (PinnedLoadForm pin : pins) {
            List<LoadForm.LoadItemForm> items = new ArrayList<>();
            for (LoadForm.LoadItemForm item : pin.items()) {
                BakeRef bake = new BakeRef(item.runId(), item.pieceId(), item.stage());
                int count = Math.min(item.count(), free.getOrDefault(bake, 0));
                if (count > 0) {
                    items.add(new LoadForm.LoadItemForm(item.runId(), item.pieceId(), item.stage(), count));
                    free.merge(bake, -count, Integer::sum);
                }
            }
            if (!items.isEmpty()) {
                still.add(new PinnedLoadForm(pin.ovenId(), pin.inAt(), items));
            }
        }
        List<ApartForm> kept = apart.stream()
                .filter(pair -> left.containsKey(pair.one()) && left.containsKey(pair.other()))
                .toList();
        return new WishesForm(still, kept);
    }

    /** Refuses what no wish can be. */
    void check() {
        Gathering g = new Gathering();
        List<PinnedLoadForm> held = g.at("", () -> all("pins", pins)).orElse(List.of());
        List<ApartForm> kept = g.at("", () -> all("apart", apart)).orElse(List.of());
        for (int i = 0; i < held.size(); i++) {
            String at = "pins[" + i + "]";
            List<LoadForm.LoadItemForm> items = held.get(i).items();
            List<LoadForm.LoadItemForm> told =
                    g.at(at, () -> all("items", items)).orElse(List.of());
            if (told.isEmpty()) {
                g.wrong(at + ".items", "nothing", "one thing or more", "Hold a load that has something in it.");
            }
            for (int k = 0; k < told.size(); k++) {
                int count = told.get(k).count();
                g.at(at + ".items[" + k + "]", () -> Bake.COUNT.check(count));
            }
        }
        for (int i = 0; i < kept.size(); i++) {
            ApartForm pair = kept.get(i);
            if (pair.one() == null || pair.other() == null || pair.one().equals(pair.other())) {
                g.wrong("apart[" + i + "]", "no pair", "two bakes that differ", "Name two of them.");
            }
        }
        if (held.size() > MOST || kept.size() > MOST) {
            g.wrong("pins", "too many wishes", "up to " + MOST + " of each kind", "Take some out.");
        }
        g.orRefuse();
    }
}
