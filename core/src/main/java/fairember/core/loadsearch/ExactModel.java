package fairember.core.loadsearch;

import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import com.google.ortools.sat.Literal;
import fairember.core.ovenload.Objective;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * The problem as a constraint model: per oven a number of loads in a row, unused ones last; per bake and load whether and how
 * many; per load when it is switched on and how long it holds; per bake when the hands begin and when its last load ends.
 * Trays are areas here; what the packer cannot lay is forbidden as it turns up.
 */
final class ExactModel {
    /** Parts of a kW that the solver distinguishes. */
    private static final long KWH = 1_000_000;

    private final Table table;
    private final Slots slots;
    final CpModel model = new CpModel();
    private final List<Slot> pins;
    final int loads;
    private final int horizon;
    final BoolVar[][] used;
    final IntVar[][] heat;
    final IntVar[][] bakingTime;
    final IntVar[][] end;
    final BoolVar[][][] in;
    final IntVar[][][] amount;
    final IntVar[] begin;
    final IntVar[] shaped;
    final IntVar[] done;
    final IntVar[] late;
    private final Map<String, BoolVar> reached = new HashMap<>();

    ExactModel(Table table, Slots slots, List<Slot> pins, int loads, int horizon) {
        this.pins = List.copyOf(pins);
        this.table = table;
        this.slots = slots;
        this.loads = loads;
        this.horizon = horizon;
        int n = table.bakes;
        used = new BoolVar[table.ovens][loads];
        heat = new IntVar[table.ovens][loads];
        bakingTime = new IntVar[table.ovens][loads];
        end = new IntVar[table.ovens][loads];
        in = new BoolVar[table.ovens][loads][n];
        amount = new IntVar[table.ovens][loads][n];
        begin = new IntVar[n];
        shaped = new IntVar[n];
        done = new IntVar[n];
        late = new IntVar[n];
        bakes();
        new ExactHands(table, model, horizon).tie(begin, shaped);
        for (int o = 0; o < table.ovens; o++) {
            for (int l = 0; l < loads; l++) {
                load(o, l);
            }
        }
        amounts();
        pins.forEach(this::pin);
    }

    private void bakes() {
        for (int j = 0; j < table.bakes; j++) {
            begin[j] = model.newIntVar(table.from[j], horizon, "b" + j);
            shaped[j] = model.newIntVar(table.from[j] + table.work[j], horizon, "s" + j);
            done[j] = model.newIntVar(0, horizon, "d" + j);
            late[j] =
                    model.newIntVar(0, table.due[j] >= Table.NEVER ? 0 : Math.max(0, horizon - table.due[j]), "l" + j);
            if (table.due[j] < Table.NEVER) {
                model.addGreaterOrEqual(minus(late[j], done[j]), -table.due[j]);
            }
            for (int i = 0; i < table.before[j].length; i++) {
                model.addGreaterOrEqual(minus(begin[j], done[table.before[j][i]]), table.cooling[j][i]);
            }
        }
    }

    private static LinearExpr minus(IntVar a, IntVar b) {
        return LinearExpr.weightedSum(new IntVar[] {a, b}, new long[] {1, -1});
    }

    private void load(int o, int l) {
        int n = table.bakes;
        used[o][l] = model.newBoolVar("u" + o + l);
        heat[o][l] = model.newIntVar(0, horizon, "h" + o + l);
        int longest = Arrays.stream(table.need).max().orElse(0);
        bakingTime[o][l] = model.newIntVar(0, longest, "m" + o + l);
        end[o][l] = model.newIntVar(0, horizon, "e" + o + l);
        int fixed = table.preheat[o] + table.unload[o];
        LinearExprBuilder whole =
                LinearExpr.newBuilder().add(heat[o][l]).add(bakingTime[o][l]).addTerm(used[o][l], fixed);
        model.addEquality(end[o][l], whole);
        model.addEquality(bakingTime[o][l], 0).onlyEnforceIf(used[o][l].not());
        if (l > 0) {
            model.addGreaterOrEqual(minus(heat[o][l], end[o][l - 1]), 0);
            model.addImplication(used[o][l], used[o][l - 1]);
        }
        open(o, l);
        List<Literal> any = new ArrayList<>();
        for (int j = 0; j < n; j++) {
            amount[o][l][j] = model.newIntVar(0, table.fitsOven[o][j] ? most(o, j) : 0, "q" + o + l + j);
            BoolVar x = model.newBoolVar("x" + o + l + j);
            in[o][l][j] = x;
            any.add(x);
            model.addGreaterOrEqual(amount[o][l][j], table.least[j]).onlyEnforceIf(x);
            model.addEquality(amount[o][l][j], 0).onlyEnforceIf(x.not());
            model.addImplication(x, used[o][l]);
            model.addGreaterOrEqual(bakingTime[o][l], table.need[j]).onlyEnforceIf(x);
            model.addLessOrEqual(bakingTime[o][l], table.most[j]).onlyEnforceIf(x);
            model.addGreaterOrEqual(minus(heat[o][l], shaped[j]), -table.lead(o))
                    .onlyEnforceIf(x);
            model.addGreaterOrEqual(minus(done[j], end[o][l]), 0).onlyEnforceIf(x);
            for (int k = 0; k < j; k++) {
                if (table.clash[j][k]) {
                    model.addAtMostOne(new Literal[] {x, in[o][l][k]});
                }
            }
        }
        any.add(used[o][l].not());
        model.addBoolOr(any);
        area(o, l);
    }

    private int most(int o, int j) {
        return slots.most(o, j, table.count[j]);
    }

    private void open(int o, int l) {
        int[][] open = table.ovenHours[o].open();
        if (open.length == 1 && open[0][0] <= 0 && open[0][1] >= horizon) {
            return;
        }
        List<Literal> settings = new ArrayList<>(List.of(used[o][l].not()));
        for (int[] s : open) {
            if (s[0] <= horizon) {
                BoolVar way = model.newBoolVar("");
                settings.add(way);
                model.addGreaterOrEqual(heat[o][l], s[0]).onlyEnforceIf(way);
                model.addLessOrEqual(end[o][l], s[1]).onlyEnforceIf(way);
            }
        }
        model.addBoolOr(settings);
    }

    private void area(int o, int l) {
        long[] areas = new long[table.bakes];
        for (int j = 0; j < table.bakes; j++) {
            areas[j] = (long) Math.floor(table.area[o][j]);
        }
        model.addLessOrEqual(LinearExpr.weightedSum(amount[o][l], areas), (long) Math.ceil(table.ovenArea[o]));
    }

    /** One load of its oven is just this, and no later than it was. */
    private void pin(Slot pin) {
        int o = pin.oven;
        List<Literal> settings = new ArrayList<>();
        for (int l = 0; l < loads; l++) {
            BoolVar is = model.newBoolVar("");
            settings.add(is);
            for (int j = 0; j < table.bakes; j++) {
                model.addEquality(amount[o][l][j], pin.countOf(j)).onlyEnforceIf(is);
            }
            if (pin.at != Slot.ANY_TIME) {
                model.addEquality(heat[o][l], pin.at - table.lead(o)).onlyEnforceIf(is);
            }
        }
        model.addBoolOr(settings);
    }

    private void amounts() {
        for (int j = 0; j < table.bakes; j++) {
            LinearExprBuilder sum = LinearExpr.newBuilder();
            for (int o = 0; o < table.ovens; o++) {
                for (int l = 0; l < loads; l++) {
                    sum.add(amount[o][l][j]);
                }
            }
            model.addEquality(sum, table.count[j]);
        }
    }

    /** The expression of an objective, in whole numbers. */
    LinearExpr of(Objective objective) {
        LinearExprBuilder sum = LinearExpr.newBuilder();
        switch (objective) {
            case LATENESS -> {
                for (IntVar l : late) {
                    sum.add(l);
                }
            }
            case LOADS -> Arrays.stream(used).flatMap(Arrays::stream).forEach(sum::add);
            case KWH -> {
                for (int o = 0; o < table.ovens; o++) {
                    var oven = table.problem.ovens().get(o).oven();
                    long heating = Math.round(oven.preheatEnergy().kwh() * 60 * table.scale * KWH);
                    long holding = Math.round(oven.keepHotKw() * KWH);
                    for (int l = 0; l < loads; l++) {
                        sum.addTerm(used[o][l], heating).addTerm(bakingTime[o][l], holding);
                    }
                }
            }
            case FINISH -> {
                IntVar last = model.newIntVar(0, horizon, "finish");
                for (IntVar d : done) {
                    model.addGreaterOrEqual(last, d);
                }
                sum.add(last);
            }
        }
        return sum.build();
    }

    /** A whole value of the solver in the unit of the table. */
    double inUnit(Objective objective, double value) {
        return objective == Objective.KWH ? value / (60.0 * table.scale * KWH) : value;
    }

    /** A value in the unit of the table as a whole one of the solver; rounding of its sums is let through. */
    long whole(Objective objective, double value) {
        return objective == Objective.KWH
                ? (long) Math.ceil(value * 60.0 * table.scale * KWH) + (long) loads * table.ovens
                : Math.round(value);
    }

    /** Forbids a number of these bakes together in any load of an oven. */
    void forbid(int o, int[] bakes, int[] counts) {
        for (int l = 0; l < loads; l++) {
            List<Literal> not = new ArrayList<>();
            for (int i = 0; i < bakes.length; i++) {
                not.add(reached(o, l, bakes[i], counts[i]).not());
            }
            model.addBoolOr(not);
        }
    }

    private Literal reached(int o, int l, int j, int count) {
        if (count <= table.least[j]) {
            return in[o][l][j];
        }
        return reached.computeIfAbsent(o + "/" + l + "/" + j + "/" + count, key -> {
            BoolVar is = model.newBoolVar(key);
            model.addLessOrEqual(amount[o][l][j], count - 1L).onlyEnforceIf(is.not());
            model.addGreaterOrEqual(amount[o][l][j], count).onlyEnforceIf(is);
            return is;
        });
    }

    /** The solver's loads as a draft; null and forbidden henceforth when the packer cannot lay one of them. */
    @Nullable
    Draft draft(CpSolver solver) {
        List<Slot> found = new ArrayList<>();
        List<Long> at = new ArrayList<>();
        List<Slot> pinned = new ArrayList<>(pins);
        boolean all = true;
        for (int o = 0; o < table.ovens; o++) {
            for (int l = 0; l < loads; l++) {
                int oven = o;
                int load = l;
                if (!solver.booleanValue(used[o][l])) {
                    continue;
                }
                int[] bakes = IntStream.range(0, table.bakes)
                        .filter(j -> solver.value(amount[oven][load][j]) > 0)
                        .toArray();
                int[] counts = Arrays.stream(bakes)
                        .map(j -> (int) solver.value(amount[oven][load][j]))
                        .toArray();
                Slot slot = slots.make(o, bakes, counts, false, Slot.ANY_TIME);
                if (slot == null) {
                    all = false;
                    Slots.Part part = slots.tooMuch(o, bakes, counts);
                    forbid(o, part.bakes(), part.counts());
                } else {
                    found.add(pinned(slot, pinned));
                    at.add(solver.value(heat[o][l]));
                }
            }
        }
        return all ? Ordering.draft(table, found, at, j -> solver.value(begin[j])) : null;
    }

    /** The pin that a load is, taken from those that are left; the load itself when it is none. */
    private static Slot pinned(Slot slot, List<Slot> left) {
        for (Slot pin : left) {
            if (pin.holdsAs(slot)) {
                left.remove(pin);
                return pin;
            }
        }
        return slot;
    }
}
