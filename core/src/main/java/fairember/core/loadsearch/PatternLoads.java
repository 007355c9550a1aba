package fairember.core.loadsearch;

import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import fairember.core.ovenload.Bake;
import fairember.core.ovenload.Objective;
import fairember.core.solver.Solver;
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
    private static final int MOST_CELLS = 30_000;

    private final Table table;
    private final Slots slots;
    private final int[] width;
    private final int capacity;
    private final int[] sizes;
    private final int[] times;

    private PatternLoads(Table table, Slots slots, int[] width, int capacity) {
        this.table = table;
        this.slots = slots;
        this.width = width;
        this.capacity = capacity;
        this.sizes = Arrays.stream(width).distinct().sorted().toArray();
        this.times = Arrays.stream(table.need).distinct().sorted().toArray();
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
     * The best loads for the first objective that says plans apart; nothing when there are too many patterns, or when the
     * solver finds none within its steps.
     *
     * @param steps the solver's own seconds
     */
    Optional<Solved> solve(double steps, BooleanSupplier stop) {
        List<int[]> patterns = new ArrayList<>();
        if (!patterns(sizes.length - 1, capacity, new int[sizes.length], patterns)
                || patterns.size() * times.length > MOST_CELLS) {
            return Optional.empty();
        }
        Objective objective = table.order.stream()
                .filter(o -> o != Objective.LATENESS)
                .findFirst()
                .orElseThrow();
        CpModel model = new CpModel();
        List<Kind> kinds = kinds(model, patterns);
        for (int s = 0; s < sizes.length; s++) {
            cover(model, kinds, s);
        }
        LinearExprBuilder cost = LinearExpr.newBuilder();
        kinds.forEach(kind -> cost.addTerm(kind.used, cost(objective, kind.time)));
        model.minimize(cost);
        Solver.Answer answer = Solver.askLinear(model, steps, stop);
        if (!answer.found()) {
            return Optional.empty();
        }
        double bound = Math.ceil(answer.solver().bestObjectiveBound() - 1e-6) / unit(objective);
        List<Slot> loads = new ArrayList<>();
        List<Deque<Integer>> left = items();
        for (Kind kind : kinds) {
            for (long n = answer.solver().value(kind.used); n > 0; n--) {
                fill(kind.places, left).ifPresent(loads::add);
            }
        }
        Draft draft = new Draft(loads.toArray(Slot[]::new), new int[table.bakes], new int[table.bakes]);
        return Optional.of(new Solved(draft, Map.of(objective, Math.max(0, bound))));
    }

    /** Loads of a time and a pattern. */
    private static final class Kind {
        final int time;
        final int[] places;
        final IntVar used;

        Kind(int time, int[] places, IntVar used) {
            this.time = time;
            this.places = places;
            this.used = used;
        }
    }

    /** From the longest time down. No other kind is needed: without a thing that takes its whole time it could be shorter. */
    private List<Kind> kinds(CpModel model, List<int[]> patterns) {
        List<Kind> kinds = new ArrayList<>();
        int items = Arrays.stream(table.count).sum();
        for (int t = times.length - 1; t >= 0; t--) {
            for (int[] places : patterns) {
                boolean wanted = false;
                for (int s = 0; s < sizes.length; s++) {
                    wanted |= places[s] > 0 && items(sizes[s], times[t]) > 0;
                }
                if (wanted) {
                    kinds.add(new Kind(times[t], places, model.newIntVar(0, items, "")));
                }
            }
        }
        return kinds;
    }

    /** For things of a width that need a time or more: as many places in loads of that time or more. */
    private void cover(CpModel model, List<Kind> kinds, int s) {
        int items = 0;
        for (int t = times.length - 1; t >= 0; t--) {
            int own = items(sizes[s], times[t]);
            items += own;
            if (own > 0) {
                LinearExprBuilder places = LinearExpr.newBuilder();
                for (Kind kind : kinds) {
                    if (kind.places[s] > 0 && kind.time >= times[t]) {
                        places.addTerm(kind.used, kind.places[s]);
                    }
                }
                model.addGreaterOrEqual(places, items);
            }
        }
    }

    private int items(int size, int time) {
        int items = 0;
        for (int j = 0; j < table.bakes; j++) {
            items += width[j] == size && table.need[j] == time ? table.count[j] : 0;
        }
        return items;
    }

    private long cost(Objective objective, int bakingTime) {
        var oven = table.problem.ovens().get(0).oven();
        return switch (objective) {
            case LOADS, LATENESS -> 1;
            case KWH ->
                Math.round((oven.preheatEnergy().kwh() + oven.keepHotKw() * table.minutes(bakingTime) / 60)
                        * unit(objective));
            case FINISH -> (long) table.preheat[0] + bakingTime + table.unload[0];
        };
    }

    private double unit(Objective objective) {
        return objective == Objective.KWH ? 60_000.0 * table.scale : 1;
    }

    /** All patterns that have no room for one more place; false when there are too many. */
    private boolean patterns(int at, int room, int[] places, List<int[]> found) {
        if (at < 0) {
            if (room < sizes[0]) {
                found.add(places.clone());
            }
            return found.size() <= MOST_PATTERNS;
        }
        for (int n = room / sizes[at]; n >= 0; n--) {
            places[at] = n;
            if (!patterns(at - 1, room - n * sizes[at], places, found)) {
                return false;
            }
        }
        places[at] = 0;
        return true;
    }

    /** The things of each width, those that need longest first. */
    private List<Deque<Integer>> items() {
        List<Deque<Integer>> left = new ArrayList<>();
        for (int size : sizes) {
            Deque<Integer> items = new ArrayDeque<>();
            List<Integer> bakes = new ArrayList<>();
            for (int j = 0; j < table.bakes; j++) {
                for (int n = 0; n < (width[j] == size ? table.count[j] : 0); n++) {
                    bakes.add(j);
                }
            }
            bakes.sort(Comparator.<Integer>comparingInt(j -> -table.need[j]).thenComparing(j -> j));
            items.addAll(bakes);
            left.add(items);
        }
        return left;
    }

    /** Each place with the first of its width that is left. */
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
