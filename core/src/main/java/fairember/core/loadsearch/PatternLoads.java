package fairember.core.loadsearch;

import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import fairember.core.ovenload.Bake;
import fairember.core.ovenload.Objective;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.Deque;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.BooleanSupplier;

/**
 * The plain batch machine: one oven, one row of things side by side, all of which suit each other and may go in at once.
 * A load is then a time and a way to part the width, a pattern; the solver says how many of each.
 *
 * <p>A pattern has places of given widths. For each width and time there are as many places in loads of that time or more
 * as things of that width that need as much.
 */
final class PatternLoads {
    private static final int MOST_PATTERNS = 3000;
    private static final int MOST_CAPACITY = 2000;

    private final Table table;
    private final Slots slots;
    private final int[] width;
    private final int capacity;

    private PatternLoads(Table table, Slots slots, int[] width, int capacity) {
        this.table = table;
        this.slots = slots;
        this.width = width;
        this.capacity = capacity;
    }

    /** The model of a problem that is of this kind. */
    static Optional<PatternLoads> of(Table table, Slots slots, boolean pinned) {
        if (pinned || table.ovens != 1 || !plain(table)) {
            return Optional.empty();
        }
        double gap = table.problem.ovens().get(0).oven().gap().mm();
        double whole = table.problem.ovens().get(0).oven().trayWidth().mm() + gap;
        for (int parts = 1; parts <= 100; parts *= 10) {
            int scale = parts;
            int[] width = table.planned.stream()
                    .mapToInt(b -> (int) Math.ceil((b.unit().width().mm() + gap) * scale - 1e-6))
                    .toArray();
            boolean exact = table.planned.stream()
                    .allMatch(b -> Math.abs((b.unit().width().mm() + gap) * scale
                                    - Math.rint((b.unit().width().mm() + gap) * scale))
                            < 1e-6);
            int capacity = (int) Math.floor(whole * scale + 1e-6);
            int common = Arrays.stream(width).reduce(0, PatternLoads::common);
            if (exact && capacity / common <= MOST_CAPACITY) {
                int[] units = Arrays.stream(width).map(w -> w / common).toArray();
                return Optional.of(new PatternLoads(table, slots, units, capacity / common));
            }
        }
        return Optional.empty();
    }

    private static int common(int a, int b) {
        return a == 0 ? b : b == 0 ? a : common(b, a % b);
    }

    private static boolean plain(Table table) {
        var oven = table.problem.ovens().get(0).oven();
        for (int j = 0; j < table.bakes; j++) {
            Bake b = table.planned.get(j);
            boolean oneRow =
                    b.unit().depth().mm() > (oven.trayDepth().mm() - oven.gap().mm()) / 2;
            boolean lies =
                    !b.turns() || b.unit().depth().mm() > oven.trayWidth().mm();
            boolean free = table.before[j].length == 0 && table.work[j] == 0 && table.from[j] == 0;
            if (!oneRow || !lies || !free || table.least[j] > 1 || table.due[j] < Table.NEVER) {
                return false;
            }
            for (int k = 0; k < j; k++) {
                if (table.clash[j][k]) {
                    return false;
                }
            }
        }
        return oven.shelves().size() == 1 && table.ovenHours[0].longest() >= Table.NEVER && table.bakes > 0;
    }

    /**
     * The best loads for the first objective that tells plans apart.
     *
     * @param steps the solver's own seconds
     */
    Optional<Solved> solve(Draft start, double steps, BooleanSupplier stop) {
        int[] sizes = Arrays.stream(width).distinct().sorted().toArray();
        List<int[]> patterns = new ArrayList<>();
        if (!patterns(sizes, sizes.length - 1, capacity, new int[sizes.length], patterns)) {
            return Optional.empty();
        }
        int[] times = Arrays.stream(table.need).distinct().sorted().toArray();
        CpModel model = new CpModel();
        IntVar[][] used = new IntVar[times.length][patterns.size()];
        LinearExprBuilder cost = LinearExpr.newBuilder();
        Objective objective = table.order.stream()
                .filter(o -> o != Objective.LATENESS)
                .findFirst()
                .orElseThrow();
        for (int t = 0; t < times.length; t++) {
            for (int p = 0; p < patterns.size(); p++) {
                used[t][p] = model.newIntVar(0, start.loads.length, "");
                cost.addTerm(used[t][p], cost(objective, times[t]));
            }
        }
        cover(model, used, sizes, times, patterns);
        hint(model, used, sizes, times, patterns, start);
        model.minimize(cost);
        Solver.Answer answer = Solver.askLinear(model, steps, stop);
        if (!answer.found()) {
            return Optional.empty();
        }
        double bound = answer.solver().bestObjectiveBound() / unit(objective);
        Draft draft = draft(answer.solver(), used, sizes, times, patterns);
        return Optional.of(new Solved(draft, Map.of(objective, Math.max(0, bound))));
    }

    private long cost(Objective objective, int hold) {
        var oven = table.problem.ovens().get(0).oven();
        return switch (objective) {
            case LOADS, LATENESS -> 1;
            case KWH ->
                Math.round((oven.preheatEnergy().kwh() + oven.holdKw() * table.minutes(hold) / 60) * unit(objective));
            case FINISH -> (long) table.preheat[0] + hold + table.unload[0];
        };
    }

    private double unit(Objective objective) {
        return objective == Objective.KWH ? 60_000.0 * table.scale : 1;
    }

    /** All patterns that have no room for one more place; false when there are too many. */
    private static boolean patterns(int[] sizes, int at, int room, int[] places, List<int[]> found) {
        if (at < 0) {
            if (room < sizes[0]) {
                found.add(places.clone());
            }
            return found.size() <= MOST_PATTERNS;
        }
        for (int n = room / sizes[at]; n >= 0; n--) {
            places[at] = n;
            if (!patterns(sizes, at - 1, room - n * sizes[at], places, found)) {
                return false;
            }
        }
        places[at] = 0;
        return true;
    }

    private void cover(CpModel model, IntVar[][] used, int[] sizes, int[] times, List<int[]> patterns) {
        for (int s = 0; s < sizes.length; s++) {
            for (int t = 0; t < times.length; t++) {
                int things = 0;
                boolean own = false;
                for (int j = 0; j < table.bakes; j++) {
                    if (width[j] == sizes[s] && table.need[j] >= times[t]) {
                        things += table.count[j];
                        own |= table.need[j] == times[t];
                    }
                }
                if (!own) {
                    continue;
                }
                LinearExprBuilder places = LinearExpr.newBuilder();
                for (int later = t; later < times.length; later++) {
                    for (int p = 0; p < patterns.size(); p++) {
                        if (patterns.get(p)[s] > 0) {
                            places.addTerm(used[later][p], patterns.get(p)[s]);
                        }
                    }
                }
                model.addGreaterOrEqual(places, things);
            }
        }
    }

    /** The loads of a draft as patterns: each with its places, and more while there is room. */
    private void hint(CpModel model, IntVar[][] used, int[] sizes, int[] times, List<int[]> patterns, Draft start) {
        Map<String, Integer> byPlaces = new TreeMap<>();
        for (int p = 0; p < patterns.size(); p++) {
            byPlaces.put(Arrays.toString(patterns.get(p)), p);
        }
        int[][] counts = new int[times.length][patterns.size()];
        for (Slot slot : start.loads) {
            int[] places = new int[sizes.length];
            int room = capacity;
            for (int i = 0; i < slot.bakes.length; i++) {
                places[Arrays.binarySearch(sizes, width[slot.bakes[i]])] += slot.counts[i];
                room -= width[slot.bakes[i]] * slot.counts[i];
            }
            for (int s = sizes.length - 1; s >= 0; s--) {
                places[s] += room / sizes[s];
                room %= sizes[s];
            }
            Integer pattern = byPlaces.get(Arrays.toString(places));
            if (pattern != null) {
                counts[Arrays.binarySearch(times, slot.hold)][pattern]++;
            }
        }
        for (int t = 0; t < times.length; t++) {
            for (int p = 0; p < patterns.size(); p++) {
                model.addHint(used[t][p], counts[t][p]);
            }
        }
    }

    /** Fills the loads, the longest first, each place with the longest of its width that is left. */
    private Draft draft(CpSolver solver, IntVar[][] used, int[] sizes, int[] times, List<int[]> patterns) {
        List<Deque<Integer>> left = new ArrayList<>();
        for (int size : sizes) {
            Deque<Integer> things = new ArrayDeque<>();
            List<Integer> bakes = new ArrayList<>();
            for (int j = 0; j < table.bakes; j++) {
                for (int n = 0; n < (width[j] == size ? table.count[j] : 0); n++) {
                    bakes.add(j);
                }
            }
            bakes.sort(Comparator.<Integer>comparingInt(j -> -table.need[j]).thenComparing(j -> j));
            things.addAll(bakes);
            left.add(things);
        }
        List<Slot> loads = new ArrayList<>();
        for (int t = times.length - 1; t >= 0; t--) {
            for (int p = 0; p < patterns.size(); p++) {
                for (long n = solver.value(used[t][p]); n > 0; n--) {
                    fill(patterns.get(p), left).ifPresent(loads::add);
                }
            }
        }
        return new Draft(loads.toArray(Slot[]::new), new int[table.bakes], new int[table.bakes]);
    }

    private Optional<Slot> fill(int[] places, List<Deque<Integer>> left) {
        Map<Integer, Integer> content = new TreeMap<>();
        for (int s = 0; s < places.length; s++) {
            for (int n = 0; n < places[s] && !left.get(s).isEmpty(); n++) {
                content.merge(left.get(s).removeFirst(), 1, Integer::sum);
            }
        }
        int[] bakes = content.keySet().stream().mapToInt(j -> j).toArray();
        int[] counts = content.values().stream().mapToInt(c -> c).toArray();
        return bakes.length == 0
                ? Optional.empty()
                : Optional.ofNullable(slots.make(0, bakes, counts, false, Slot.ANY_TIME));
    }
}
