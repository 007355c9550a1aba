package fairember.core.ovenload;

import fairember.core.quantity.Minutes;
import java.util.List;
import java.util.Optional;

/**
 * Everything a plan of loads depends on. Times are minutes from the zero of the plan.
 *
 * @param ovens none, one or more; with none nothing can be baked
 * @param makers who shapes
 * @param bakes with keys that differ
 * @param apart pairs of bakes that must not share a load
 * @param pins loads that are to stay as they are
 * @param order what to have as little of, the first before all the others; those left out follow in their own order
 */
public record LoadProblem(
        List<OvenUse> ovens,
        Makers makers,
        List<Bake> bakes,
        List<Apart> apart,
        List<PinnedLoad> pins,
        List<Objective> order) {
    /** The order nobody asked to change. */
    public static final List<Objective> USUAL =
            List.of(Objective.LATENESS, Objective.LOADS, Objective.KWH, Objective.FINISH);

    public LoadProblem {
        ovens = List.copyOf(ovens);
        bakes = List.copyOf(bakes);
        apart = List.copyOf(apart);
        pins = List.copyOf(pins);
        order = List.copyOf(order);
    }

    /** These bakes in one oven at any hour by one pair of hands. */
    public static LoadProblem of(Oven oven, List<Bake> bakes) {
        return new LoadProblem(List.of(new OvenUse(oven, List.of())), Makers.ONE, bakes, List.of(), List.of(), USUAL);
    }

    /**
     * An oven and when it may run.
     *
     * @param hours in which a whole load, from preheat to unloading, must lie; empty when it may always run
     */
    public record OvenUse(Oven oven, List<Stretch> hours) {
        public OvenUse {
            hours = List.copyOf(hours);
        }
    }

    /** Two bakes, by key, that must not share a load. */
    public record Apart(BakeKey one, BakeKey other) {}

    /**
     * A load that is to stay as it is.
     *
     * @param oven counted from 0
     * @param at when its things go in; empty when only what is in it is pinned
     */
    public record PinnedLoad(int oven, List<PinnedItem> items, Optional<Minutes> at) {
        public PinnedLoad {
            items = List.copyOf(items);
        }
    }

    /** A number of things of a bake, by key. */
    public record PinnedItem(BakeKey key, int count) {}
}
