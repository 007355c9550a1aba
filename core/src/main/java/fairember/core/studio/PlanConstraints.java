package fairember.core.studio;

import fairember.core.batch.BakeRef;
import fairember.core.input.Gathering;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** What the maker wants of the plan of loads: loads that are held as they are, and bakes that are kept apart. */
public record PlanConstraints(List<PinnedLoad> pins, List<ApartBakes> apart) {
    public static final PlanConstraints NONE = new PlanConstraints(List.of(), List.of());
    private static final int MOST = 60;

    /**
     * Refuses too many of them, and pins of nothing.
     *
     * @throws fairember.core.input.InvalidInputException with everything that is wrong
     */
    public PlanConstraints {
        pins = List.copyOf(pins);
        apart = List.copyOf(apart);
        Gathering g = new Gathering();
        for (int i = 0; i < pins.size(); i++) {
            if (pins.get(i).items().isEmpty()) {
                g.error(
                        "pins[" + i + "].items",
                        "nothing",
                        "one item or more",
                        "Pin a load with at least one item in it.");
            }
        }
        for (int i = 0; i < apart.size(); i++) {
            if (apart.get(i).one().equals(apart.get(i).other())) {
                g.error("apart[" + i + "]", "no pair", "two different bakes", "Choose two different bakes.");
            }
        }
        if (pins.size() > MOST || apart.size() > MOST) {
            g.error("pins", "too many pins", "up to " + MOST + " of each kind", "Remove some of them.");
        }
        g.orRefuse();
    }

    /** A load that is held; without a time only what is in it. */
    public record PinnedLoad(long ovenId, @Nullable LocalDateTime inAt, List<LoadItem> items) {
        public PinnedLoad {
            items = List.copyOf(items);
        }
    }

    /** Two bakes that are not to share a load. */
    public record ApartBakes(BakeRef one, BakeRef other) {}

    /**
     * These constraints as far as they still apply: pinned loads lose what is baked of them in the meantime, and go with the
     * last of it.
     *
     * @param left of each bake, still to go in; bakes that are not there are done
     */
    public PlanConstraints left(Map<BakeRef, Integer> left) {
        Map<BakeRef, Integer> free = new HashMap<>(left);
        List<PinnedLoad> still = new ArrayList<>();
        for (PinnedLoad pin : pins) {
            List<LoadItem> items = new ArrayList<>();
            for (LoadItem item : pin.items()) {
                int count = Math.min(item.count(), free.getOrDefault(item.bake(), 0));
                if (count > 0) {
                    items.add(LoadItem.of(item.bake(), count));
                    free.merge(item.bake(), -count, Integer::sum);
                }
            }
            if (!items.isEmpty()) {
                still.add(new PinnedLoad(pin.ovenId(), pin.inAt(), items));
            }
        }
        List<ApartBakes> stillApart = apart.stream()
                .filter(pair -> left.containsKey(pair.one()) && left.containsKey(pair.other()))
                .toList();
        return new PlanConstraints(still, stillApart);
    }
}
