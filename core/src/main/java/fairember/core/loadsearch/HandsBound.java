package fairember.core.loadsearch;

import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.LinearExpr;
import fairember.core.solver.Solver;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.BooleanSupplier;

/**
 * What no plan can be less late than, by the solver, for problems that are too large for it whole: the hands do every task, one
 * after the other, each bake after those it waits for, and ovens are taken to be free whenever something is ready.
 */
final class HandsBound {
    private final Table table;
    private final Bounds bounds;
    private final CpModel model = new CpModel();

    HandsBound(Table table, Bounds bounds) {
        this.table = table;
        this.bounds = bounds;
    }

    /**
     * What the solver found.
     *
     * @param lateness that no plan is under, ticks; 0 when it found none
     * @param begin of each task in the least late order of the hands that it met; empty when it met none
     */
    record Found(double lateness, List<Integer> begin) {}

    /**
     * The bound, and an order of the hands to begin a search with.
     *
     * @param horizon a tick by which everything can be done
     * @param steps the solver's own seconds
     */
    Found solve(int horizon, double steps, BooleanSupplier stop) {
        IntVar[] begin = new IntVar[table.bakes];
        IntVar[] shaped = new IntVar[table.bakes];
        IntVar[] out = new IntVar[table.bakes];
        List<IntVar> late = new ArrayList<>();
        for (int j = 0; j < table.bakes; j++) {
            begin[j] = model.newIntVar(bounds.release(j), horizon, "b" + j);
            shaped[j] = model.newIntVar(0, horizon, "s" + j);
            out[j] = model.newIntVar(bounds.earliest(j), horizon, "e" + j);
            model.addGreaterOrEqual(
                    LinearExpr.newBuilder().add(out[j]).addTerm(shaped[j], -1).build(), bounds.tail(j));
            if (table.due[j] < Table.NEVER) {
                IntVar by = model.newIntVar(0, horizon, "l" + j);
                model.addGreaterOrEqual(
                        LinearExpr.newBuilder().add(by).addTerm(out[j], -1).build(), -table.due[j]);
                late.add(by);
            }
        }
        for (int j = 0; j < table.bakes; j++) {
            for (int i = 0; i < table.before[j].length; i++) {
                model.addGreaterOrEqual(
                        LinearExpr.newBuilder()
                                .add(begin[j])
                                .addTerm(out[table.before[j][i]], -1)
                                .build(),
                        table.cooling[j][i]);
            }
        }
        if (table.makers > 0) {
            new ExactHands(table, model, horizon).tie(begin, shaped);
        } else {
            for (int j = 0; j < table.bakes; j++) {
                model.addEquality(shaped[j], begin[j]);
            }
        }
        model.minimize(LinearExpr.sum(late.toArray(IntVar[]::new)));
        Solver.Answer answer = Solver.ask(model, steps, stop);
        double found = answer.steps() > 0 ? answer.solver().bestObjectiveBound() : 0;
        List<Integer> order = answer.found()
                ? Arrays.stream(begin).map(b -> (int) answer.solver().value(b)).toList()
                : List.of();
        return new Found(Double.isFinite(found) ? Math.max(0, found) : 0, order);
    }
}
