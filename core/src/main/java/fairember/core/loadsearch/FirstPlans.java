package fairember.core.loadsearch;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.LongStream;
import org.jspecify.annotations.Nullable;

/**
 * Plans by rule, at once: bakes are taken by a rule of urgency, each goes into the first load that suits it among so
 * many of the last ones, and what finds no room makes a load of its own; either wherever there is room, or only where nothing in the
 * load is late for it. Of all rules the best plan is kept.
 */
final class FirstPlans {
    private static final int[] LOOKBACK = {Integer.MAX_VALUE, 3, 1};

    private final Table table;
    private final Slots slots;
    private final Timetable timetable;
    private final int[] urgent;
    private final int[] ready;

    FirstPlans(Table table, Slots slots, Timetable timetable) {
        this.table = table;
        this.slots = slots;
        this.timetable = timetable;
        this.urgent = urgency();
        this.ready = readiness();
    }

    /** The best draft of all rules; null when pinned loads wait for each other. */
    @Nullable
    Draft best(List<Slot> pins) {
        return best(rules(), pins);
    }

    @Nullable
    private Draft best(List<Comparator<Integer>> rules, List<Slot> pins) {
        Draft best = null;
        Outcome least = null;
        for (Comparator<Integer> rule : rules) {
            for (int lookback : LOOKBACK) {
                for (boolean anyLoad : new boolean[] {true, false}) {
                    Draft draft = draft(rule, lookback, anyLoad, pins);
                    Outcome outcome = draft == null ? null : timetable.time(draft);
                    if (outcome != null && (least == null || outcome.compareTo(least) < 0)) {
                        least = outcome;
                        best = draft;
                    }
                }
            }
        }
        return best;
    }

    /** The best draft of bakes that are shaped in this order; null when pinned loads wait for each other. */
    @Nullable
    Draft inOrder(List<Integer> begin, List<Slot> pins) {
        return best(List.of(Comparator.<Integer>comparingInt(begin::get).thenComparing(j -> j)), pins);
    }

    /**
     * Loads of bakes that are to go in together, group after group, as far as trays hold them; what does not fit makes loads right after.
     *
     * @param begin when the hands begin each bake
     */
    Draft together(List<List<Integer>> groups, List<Integer> begin) {
        List<Slot> loads = new ArrayList<>();
        int[] last = new int[table.bakes];
        for (List<Integer> group : groups) {
            int before = loads.size();
            for (int j : group) {
                place(j, table.count[j], loads.size() - before, true, loads, last);
            }
        }
        List<Long> inTurn = LongStream.range(0, loads.size()).boxed().toList();
        return Ordering.draft(table, loads, inTurn, begin::get);
    }

    private List<Comparator<Integer>> rules() {
        Comparator<Integer> byKey = Comparator.comparing(j -> j);
        return List.of(
                Comparator.<Integer>comparingInt(j -> urgent[j])
                        .thenComparingInt(j -> ready[j])
                        .thenComparing(byKey),
                Comparator.<Integer>comparingInt(j -> -table.need[j]).thenComparing(byKey),
                Comparator.<Integer>comparingDouble(j -> table.low[j])
                        .thenComparingInt(j -> -table.need[j])
                        .thenComparing(byKey),
                Comparator.<Integer>comparingInt(j -> ready[j]).thenComparing(byKey));
    }

    /** The moment at which a bake must be out for all that is built on it to be in time. */
    private int[] urgency() {
        int[] by = table.due.clone();
        for (int round = 0; round < table.bakes; round++) {
            for (int j = 0; j < table.bakes; j++) {
                for (int i = 0; i < table.before[j].length; i++) {
                    int b = table.before[j][i];
                    if (by[j] < Table.NEVER) {
                        by[b] = Math.min(by[b], by[j] - table.need[j] - table.work[j] - table.cooling[j][i]);
                    }
                }
            }
        }
        return by;
    }

    /** The earliest moment a bake could go in, had it the hands and the oven for itself. */
    private int[] readiness() {
        int[] earliest = new int[table.bakes];
        for (int round = 0; round < table.bakes; round++) {
            for (int j = 0; j < table.bakes; j++) {
                int from = table.from[j];
                for (int i = 0; i < table.before[j].length; i++) {
                    int b = table.before[j][i];
                    from = Math.max(from, earliest[b] + table.need[b] + table.cooling[j][i]);
                }
                earliest[j] = from + table.work[j];
            }
        }
        return earliest;
    }

    /** The draft of one rule; null when pinned loads wait for each other. */
    @Nullable
    Draft draft(Comparator<Integer> rule, int lookback, boolean anyLoad, List<Slot> pins) {
        List<Slot> loads = new ArrayList<>();
        int[] left = table.count.clone();
        List<Slot> waiting = new ArrayList<>(pins);
        for (Slot pin : pins) {
            for (int i = 0; i < pin.bakes.length; i++) {
                left[pin.bakes[i]] -= pin.counts[i];
            }
        }
        boolean[] placed = new boolean[table.bakes];
        int[] last = new int[table.bakes];
        pinReady(waiting, loads, placed, left, last);
        while (!all(placed)) {
            int next = next(rule, placed, left, waiting);
            if (next < 0) {
                return null;
            }
            place(next, left[next], lookback, anyLoad, loads, last);
            left[next] = 0;
            placed[next] = true;
            pinReady(waiting, loads, placed, left, last);
        }
        return new Draft(loads.toArray(Slot[]::new), new int[table.bakes], new int[table.bakes]);
    }

    private static boolean all(boolean[] placed) {
        for (boolean one : placed) {
            if (!one) {
                return false;
            }
        }
        return true;
    }

    /** Puts pinned loads in as soon as all they wait for is in. */
    private void pinReady(List<Slot> waiting, List<Slot> loads, boolean[] placed, int[] left, int[] last) {
        for (int i = 0; i < waiting.size(); i++) {
            Slot pin = waiting.get(i);
            if (!ready(pin, placed)) {
                continue;
            }
            waiting.remove(i);
            loads.add(pin);
            for (int j : pin.bakes) {
                last[j] = loads.size() - 1;
                boolean more = left[j] > 0 || waiting.stream().anyMatch(w -> w.countOf(j) > 0);
                placed[j] = !more;
            }
            i = -1;
        }
    }

    private boolean ready(Slot pin, boolean[] placed) {
        for (int j : pin.bakes) {
            for (int b : table.before[j]) {
                if (!placed[b]) {
                    return false;
                }
            }
        }
        return true;
    }

    private int next(Comparator<Integer> rule, boolean[] placed, int[] left, List<Slot> waiting) {
        int best = -1;
        for (int j = 0; j < table.bakes; j++) {
            boolean free = !placed[j] && left[j] > 0;
            for (int b : table.before[j]) {
                free &= placed[b];
            }
            int bake = j;
            free &= waiting.stream().noneMatch(w -> w.countOf(bake) > 0);
            if (free && (best < 0 || rule.compare(j, best) < 0)) {
                best = j;
            }
        }
        return best;
    }

    private void place(int bake, int wanted, int lookback, boolean anyLoad, List<Slot> loads, int[] last) {
        int from = 0;
        for (int b : table.before[bake]) {
            from = Math.max(from, last[b] + 1);
        }
        from = Math.max(from, lookback > loads.size() ? 0 : loads.size() - lookback);
        int left = wanted;
        for (int p = from; left > 0; p++) {
            if (p >= loads.size()) {
                Slot own = own(bake, left);
                loads.add(own);
                left -= own.countOf(bake);
                last[bake] = Math.max(last[bake], loads.size() - 1);
                continue;
            }
            int taken = anyLoad || delaysNothing(loads.get(p), bake) ? joins(loads.get(p), bake, left) : 0;
            Slot joined = taken > 0 ? slots.with(loads.get(p), bake, taken) : null;
            if (joined != null) {
                loads.set(p, joined);
                left -= taken;
                last[bake] = Math.max(last[bake], p);
            }
        }
    }

    /** Whether a load can wait for this bake, and this bake for what is in it, without being late for that. */
    private boolean delaysNothing(Slot slot, int bake) {
        int by = urgent[bake];
        int from = ready[bake];
        for (int j : slot.bakes) {
            by = Math.min(by, urgent[j]);
            from = Math.max(from, ready[j]);
        }
        int o = slot.oven;
        int whole = table.preheat[o] + Math.max(slot.bakingTime, table.need[bake]) + table.unload[o];
        return by >= Table.NEVER || from - table.lead(o) + whole <= by;
    }

    private int joins(Slot slot, int bake, int left) {
        return slot.pinned ? 0 : slots.leaving(bake, left, slots.most(slot, bake, left), slot.countOf(bake));
    }

    private Slot own(int bake, int left) {
        Slot best = null;
        for (int o = 0; o < table.ovens; o++) {
            int most = table.fitsOven[o][bake] ? slots.most(o, bake, left) : 0;
            int taken = slots.leaving(bake, left, most, 0);
            Slot slot = taken > 0 ? slots.of(o, bake, taken) : null;
            if (slot != null && better(slot, best, bake)) {
                best = slot;
            }
        }
        if (best == null) {
            throw new IllegalStateException("A bake that no oven takes was not left out");
        }
        return best;
    }

    private static boolean better(Slot slot, @Nullable Slot than, int bake) {
        return than == null || slot.countOf(bake) > than.countOf(bake);
    }
}
