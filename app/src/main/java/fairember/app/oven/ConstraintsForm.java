package fairember.app.oven;

import static fairember.app.web.Given.all;

import fairember.core.input.Gathering;
import fairember.core.ovenload.Bake;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** What the maker wants of the plan of loads: loads that are held as they are, and bakes that are kept apart. */
public record ConstraintsForm(List<PlanPinForm> pins, List<ApartForm> apart) {
    public static final ConstraintsForm NONE = new ConstraintsForm(List.of(), List.of());
    private static final int MOST = 60;

    /** A load that is held; without a time only what is in it. */
    public record PlanPinForm(long ovenId, @Nullable LocalDateTime inAt, List<LoadForm.LoadItemForm> items) {}

    /** A stage bake of a design in a batch. */
    public record BakeRef(long batchId, long designId, int stage) {}

    /** Two bakes that are not to share a load. */
    public record ApartForm(BakeRef one, BakeRef other) {}

    /**
     * These constraints as far as they still apply: pinned loads lose what is baked of them in the meantime, and go with the
     * last of it.
     *
     * @param left of each bake, still to go in; bakes that are not there are done
     */
    public ConstraintsForm left(Map<BakeRef, Integer> left) {
        Map<BakeRef, Integer> free = new HashMap<>(left);
        List<PlanPinForm> still = new ArrayList<>();
        for (PlanPinForm pin : pins) {
            List<LoadForm.LoadItemForm> items = new ArrayList<>();
            for (LoadForm.LoadItemForm item : pin.items()) {
                BakeRef bake = new BakeRef(item.batchId(), item.designId(), item.stage());
                int count = Math.min(item.count(), free.getOrDefault(bake, 0));
                if (count > 0) {
                    items.add(new LoadForm.LoadItemForm(item.batchId(), item.designId(), item.stage(), count));
                    free.merge(bake, -count, Integer::sum);
                }
            }
            if (!items.isEmpty()) {
                still.add(new PlanPinForm(pin.ovenId(), pin.inAt(), items));
            }
        }
        List<ApartForm> stillApart = apart.stream()
                .filter(pair -> left.containsKey(pair.one()) && left.containsKey(pair.other()))
                .toList();
        return new ConstraintsForm(still, stillApart);
    }

    /** Refuses pins and pairs that cannot be. */
    void check() {
        Gathering g = new Gathering();
        List<PlanPinForm> checkedPins = g.at("", () -> all("pins", pins)).orElse(List.of());
        List<ApartForm> pairs = g.at("", () -> all("apart", apart)).orElse(List.of());
        for (int i = 0; i < checkedPins.size(); i++) {
            String at = "pins[" + i + "]";
            List<LoadForm.LoadItemForm> items = checkedPins.get(i).items();
            List<LoadForm.LoadItemForm> given =
                    g.at(at, () -> all("items", items)).orElse(List.of());
            if (given.isEmpty()) {
                g.error(at + ".items", "nothing", "one item or more", "Pin a load that contains at least one item.");
            }
            for (int k = 0; k < given.size(); k++) {
                int count = given.get(k).count();
                g.at(at + ".items[" + k + "]", () -> Bake.COUNT.check(count));
            }
        }
        for (int i = 0; i < pairs.size(); i++) {
            ApartForm pair = pairs.get(i);
            if (pair.one() == null || pair.other() == null || pair.one().equals(pair.other())) {
                g.error("apart[" + i + "]", "no pair", "two different bakes", "Choose two different bakes.");
            }
        }
        if (checkedPins.size() > MOST || pairs.size() > MOST) {
            g.error("pins", "too many pins", "up to " + MOST + " of each kind", "Remove some of them.");
        }
        g.orRefuse();
    }
}
