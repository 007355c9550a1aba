package fairember.core.loadsearch;

import fairember.core.advice.Advice;
import fairember.core.ovenload.BakeKey;
import fairember.core.ovenload.LoadProblem;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/** Reads the loads a maker holds fast, and says of those that cannot stay why not. */
final class PinChecks {
    private final Table table;
    private final Slots slots;
    private final List<Slot> pinned = new ArrayList<>();
    private final List<Advice> advice = new ArrayList<>();

    PinChecks(Table table, Slots slots) {
        this.table = table;
        this.slots = slots;
        Map<BakeKey, Integer> byKey = new HashMap<>();
        for (int j = 0; j < table.bakes; j++) {
            byKey.put(table.planned.get(j).key(), j);
        }
        int[] left = table.count.clone();
        for (int i = 0; i < table.problem.pins().size(); i++) {
            read(i, table.problem.pins().get(i), byKey, left);
        }
    }

    List<Slot> pinned() {
        return List.copyOf(pinned);
    }

    List<Advice> advice() {
        return List.copyOf(advice);
    }

    private void read(int number, LoadProblem.PinnedLoad pin, Map<BakeKey, Integer> byKey, int[] left) {
        Map<Integer, Integer> content = new TreeMap<>();
        for (LoadProblem.PinnedItem item : pin.items()) {
            Integer j = byKey.get(item.key());
            if (j != null && item.count() > 0) {
                content.merge(j, item.count(), Integer::sum);
            }
        }
        int[] bakes = content.keySet().stream().mapToInt(j -> j).toArray();
        int[] counts = content.values().stream().mapToInt(c -> c).toArray();
        int at = pin.at().map(t -> (int) Math.round(t.min() * table.scale)).orElse(Slot.ANY_TIME);
        String why = broken(pin.oven(), bakes, counts, left);
        Slot slot = why == null ? slots.make(pin.oven(), bakes, counts, true, at) : null;
        if (slot == null) {
            advice.add(Advice.stop(
                    "pin-broken",
                    "Pinned load %d cannot stay: %s."
                            .formatted(number + 1, why == null ? reason(pin.oven(), bakes, counts) : why),
                    "Remove the pin, or change what is in the load."));
            return;
        }
        for (int i = 0; i < bakes.length; i++) {
            left[bakes[i]] -= counts[i];
        }
        pinned.add(slot);
    }

    private @Nullable String broken(int oven, int[] bakes, int[] counts, int[] left) {
        if (oven < 0 || oven >= table.ovens) {
            return "there is no such oven";
        }
        if (bakes.length == 0) {
            return "it contains nothing that needs baking";
        }
        for (int i = 0; i < bakes.length; i++) {
            int over = left[bakes[i]] - counts[i];
            String name = table.planned.get(bakes[i]).name();
            if (over < 0) {
                return "it contains more of %s than are left".formatted(name);
            }
            if (over > 0 && !slots.parts(bakes[i], over)) {
                return "it leaves fewer of %s than may bake together".formatted(name);
            }
        }
        return null;
    }

    private String reason(int oven, int[] bakes, int[] counts) {
        return new Reasons(table, slots).unfit(oven, bakes, counts);
    }
}
