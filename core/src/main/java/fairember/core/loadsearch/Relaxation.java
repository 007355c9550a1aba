package fairember.core.loadsearch;

import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.util.Domain;
import fairember.core.solver.Solver;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.BooleanSupplier;
import org.jspecify.annotations.Nullable;

/**
 * A problem that is too large for the solver whole, with something left out. The hands do every task, one after the other, each
 * bake after those it waits for; of loads it knows what {@link Loads} says.
 */
final class Relaxation {
    /** What is asked of loads. With more than one oven they are always taken as free. */
    enum Loads {
        /** The oven is free whenever something is ready. */
        FREE,
        /**
         * The last loads of any two bakes are one load, or one follows the other. Its trays have room for all of what is not
         * divided, and for the least part of what is.
         */
        IN_TURN,
        /** The same, and a load of what is divided before its last. */
        WITH_EARLIER,
        /** The same as in turn where no bake is divided: a plan to search from, no bound. */
        UNDIVIDED
    }

    /** How the solver goes about it: from a plan to better ones, or from what cannot be to what can. */
    enum Way {
        FROM_ABOVE,
        FROM_BELOW
    }

    private final Table table;
    private final Bounds bounds;
    private final CpModel model = new CpModel();
    private final int horizon;
    private final IntVar[] begin;
    private final IntVar[] shaped;
    private final IntVar[] heat;
    private final IntVar[] out;
    private final LinearExpr late;

    /**
     * The relaxed problem.
     *
     * @param horizon a tick by which everything can be done
     */
    Relaxation(Table table, Bounds bounds, int horizon, Loads loads) {
        this.table = table;
        this.bounds = bounds;
        this.horizon = horizon;
        begin = new IntVar[table.bakes];
        shaped = new IntVar[table.bakes];
        heat = new IntVar[table.bakes];
        out = new IntVar[table.bakes];
        late = bakes();
        waits();
        if (table.makers > 0) {
            new ExactHands(table, model, horizon).tie(begin, shaped);
        } else {
            for (int j = 0; j < table.bakes; j++) {
                model.addEquality(shaped[j], begin[j]);
            }
        }
        if (loads != Loads.FREE && table.ovens == 1) {
            new OneOven(table, bounds, model, horizon).tie(loads, shaped, heat, out);
        }
    }

    /**
     * What the solver found.
     *
     * @param possible whether it left open, or showed, that there is a plan between the two
     * @param lateness that the relaxed problem is not under, ticks; 0 when it found none
     * @param least whether its plan is the least late there is
     * @param begin of each task in the least late plan that it met; empty when it met none
     * @param heat when the oven is switched on for the last load of each bake in it; where loads are free it says nothing
     */
    record Found(boolean possible, double lateness, boolean least, List<Integer> begin, List<Integer> heat) {}

    /**
     * Solves it.
     *
     * @param low lateness that no plan is under, ticks
     * @param high lateness of a plan there is, ticks
     * @param from a plan to begin with, as it was timed last; null for none
     * @param steps the solver's own seconds
     */
    Found solve(long low, long high, @Nullable Timetable from, Way way, double steps, BooleanSupplier stop) {
        model.addLinearConstraint(late, low, high);
        model.minimize(late);
        if (from != null) {
            for (int j = 0; j < table.bakes; j++) {
                model.addHint(begin[j], from.handsBegin[j]);
                model.addHint(out[j], from.done[j]);
                model.addHint(heat[j], from.heat[from.last(j)]);
            }
        }
        Solver.Answer answer =
                way == Way.FROM_ABOVE ? Solver.ask(model, steps, stop) : Solver.askFromBelow(model, steps, stop);
        double bound = answer.mayBe() && answer.steps() > 0 ? answer.solver().bestObjectiveBound() : 0;
        return new Found(
                answer.mayBe(),
                Double.isFinite(bound) ? Math.max(0, Math.min(bound, (double) high)) : 0,
                answer.least(),
                values(answer, begin),
                values(answer, heat));
    }

    private static List<Integer> values(Solver.Answer answer, IntVar[] of) {
        return answer.found()
                ? Arrays.stream(of).map(v -> (int) answer.solver().value(v)).toList()
                : List.of();
    }

    private LinearExpr bakes() {
        List<IntVar> all = new ArrayList<>();
        for (int j = 0; j < table.bakes; j++) {
            begin[j] = model.newIntVar(bounds.release(j), horizon, "b" + j);
            shaped[j] = model.newIntVar(0, horizon, "s" + j);
            heat[j] = model.newIntVarFromDomain(switchedOn(j), "h" + j);
            out[j] = model.newIntVar(bounds.earliest(j), horizon, "e" + j);
            model.addGreaterOrEqual(minus(out[j], shaped[j]), bounds.tail(j));
            if (table.due[j] < Table.NEVER) {
                IntVar by = model.newIntVar(0, horizon, "l" + j);
                model.addGreaterOrEqual(minus(by, out[j]), -table.due[j]);
                all.add(by);
            }
        }
        return LinearExpr.sum(all.toArray(IntVar[]::new));
    }

    /** When the only oven may be switched on for a bake, by its hours. */
    private Domain switchedOn(int j) {
        int whole = table.preheat[0] + table.need[j] + table.unload[0];
        long[][] open = Arrays.stream(table.ovenHours[0].open())
                .filter(s -> s[0] <= horizon && s[1] - s[0] >= whole)
                .map(s -> new long[] {s[0], Math.min(horizon, s[1] - whole)})
                .toArray(long[][]::new);
        return table.ovens == 1 && open.length > 0 ? Domain.fromIntervals(open) : new Domain(0, horizon);
    }

    private void waits() {
        for (int j = 0; j < table.bakes; j++) {
            for (int i = 0; i < table.before[j].length; i++) {
                model.addGreaterOrEqual(minus(begin[j], out[table.before[j][i]]), table.cooling[j][i]);
            }
        }
    }

    static LinearExpr minus(IntVar a, IntVar b) {
        return LinearExpr.weightedSum(new IntVar[] {a, b}, new long[] {1, -1});
    }
}
