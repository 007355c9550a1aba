package fairember.core.loadsearch;

import fairember.core.ovenload.BakeKey;
import fairember.core.ovenload.LoadPlan;
import fairember.core.ovenload.PlannedLoad;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/**
 * Makes a draft of an earlier plan, as far as its bakes are still to be done, so that what was found is not lost and what need not
 * move stays. What is new is fitted in: into a load that has room for it, or into one of its own.
 */
final class Seeding {
    private final Table table;
    private final Slots slots;
    private final int[] left;

    Seeding(Table table, Slots slots) {
        this.table = table;
        this.slots = slots;
        this.left = table.count.clone();
    }

    /** The draft; null when the earlier plan does not hold a pin, or holds things in an order that is no longer possible. */
    @Nullable
    Draft of(LoadPlan earlier, List<Slot> pins) {
        Map<BakeKey, Integer> byKey = new HashMap<>();
        for (int j = 0; j < table.bakes; j++) {
            byKey.put(table.planned.get(j).key(), j);
        }
        List<Slot> loads = new ArrayList<>();
        for (PlannedLoad load : earlier.loads()) {
            Slot slot = slot(load, byKey);
            if (slot != null) {
                loads.add(slot);
            }
        }
        for (Slot pin : pins) {
            int at = -1;
            for (int p = 0; p < loads.size(); p++) {
                at = loads.get(p).holdsAs(pin) && !loads.get(p).pinned ? p : at;
            }
            if (at < 0) {
                return null;
            }
            loads.set(at, pin);
        }
        for (int j = 0; j < table.bakes; j++) {
            if (left[j] > 0 && !fitIn(j, loads)) {
                return null;
            }
        }
        return new Draft(loads.toArray(Slot[]::new), new int[table.bakes], new int[table.bakes]);
    }

    /** Puts what is left of a bake between the loads it waits for and those that wait for it; false when there is no such place. */
    private boolean fitIn(int bake, List<Slot> loads) {
        int from = 0;
        int to = loads.size();
        for (int p = 0; p < loads.size(); p++) {
            for (int other : loads.get(p).bakes) {
                from = table.ancestor[bake][other] ? p + 1 : from;
                to = table.ancestor[other][bake] ? Math.min(to, p) : to;
            }
        }
        if (from > to) {
            return false;
        }
        join(bake, loads, from, to, true);
        join(bake, loads, from, to, false);
        for (int p = to; left[bake] > 0; p++) {
            Slot own = own(bake);
            if (own == null) {
                return false;
            }
            loads.add(p, own);
            left[bake] -= own.countOf(bake);
        }
        return true;
    }

    /** Puts as many of a bake as fit into loads between two: those that hold some of it already, or any. */
    private void join(int bake, List<Slot> loads, int from, int to, boolean withItsKind) {
        for (int p = from; p < to && left[bake] > 0; p++) {
            Slot slot = loads.get(p);
            boolean wanted = !slot.pinned && (!withItsKind || slot.countOf(bake) > 0);
            int fits = wanted ? slots.most(slot, bake, left[bake]) : 0;
            int taken = slots.leaving(bake, left[bake], fits, slot.countOf(bake));
            Slot joined = taken > 0 ? slots.with(slot, bake, taken) : null;
            if (joined != null) {
                loads.set(p, joined);
                left[bake] -= taken;
            }
        }
    }

    private @Nullable Slot own(int bake) {
        for (int oven = 0; oven < table.ovens; oven++) {
            int taken = table.fitsOven[oven][bake]
                    ? slots.leaving(bake, left[bake], slots.most(oven, bake, left[bake]), 0)
                    : 0;
            Slot slot = taken > 0 ? slots.of(oven, bake, taken) : null;
            if (slot != null) {
                return slot;
            }
        }
        return null;
    }

    private @Nullable Slot slot(PlannedLoad load, Map<BakeKey, Integer> byKey) {
        Map<Integer, Integer> content = new TreeMap<>();
        for (PlannedLoad.Item item : load.items()) {
            Integer j = byKey.get(item.bake().key());
            int taken = j == null ? 0 : Math.min(left[j], item.count());
            if (j != null && taken > 0) {
                content.put(j, taken);
            }
        }
        int[] bakes = content.keySet().stream().mapToInt(j -> j).toArray();
        int[] counts = content.values().stream().mapToInt(c -> c).toArray();
        Slot slot = bakes.length == 0 || load.oven() >= table.ovens
                ? null
                : slots.make(load.oven(), bakes, counts, false, Slot.ANY_TIME);
        if (slot != null) {
            content.forEach((j, taken) -> left[j] -= taken);
        }
        return slot;
    }
}
