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

/** Makes a draft of an earlier plan, as far as its bakes are still to be done, so that what was found is not lost. */
final class Seeding {
    private final Table table;
    private final Slots slots;
    private final int[] left;

    Seeding(Table table, Slots slots) {
        this.table = table;
        this.slots = slots;
        this.left = table.count.clone();
    }

    /** The draft; null when the earlier plan does not hold all that is to be done now, or a pin. */
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
        for (int over : left) {
            if (over > 0) {
                return null;
            }
        }
        return new Draft(loads.toArray(Slot[]::new), new int[table.bakes], new int[table.bakes]);
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
