package fairember.core.loadsearch;

import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.LinearExpr;
import fairember.core.ovenload.Objective;
import fairember.core.solver.Solver;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;

/** Asks the solver for the best plan, one objective after the other, beginning from a draft and never losing it. */
final class ExactLoads {
    private static final int SPARE_LOADS = 2;
    private static final int MOST_LOADS = 12;
    private static final int MOST_ROUNDS = 60;

    private final Table table;
    private final Slots slots;
    private final List<Slot> pins;
    private final BooleanSupplier stop;
    private final Consumer<Draft> better;
    private final Map<Objective, Double> bounds = new EnumMap<>(Objective.class);
    private Draft best;
    private Outcome least;

    ExactLoads(
            Table table,
            Slots slots,
            List<Slot> pins,
            Draft start,
            Outcome outcome,
            BooleanSupplier stop,
            Consumer<Draft> better) {
        this.table = table;
        this.slots = slots;
        this.pins = pins;
        this.best = start;
        this.least = outcome;
        this.stop = stop;
        this.better = better;
    }

    /** @param steps the solver's own seconds for all requests together */
    Solved solve(double steps) {
        ExactModel model = new ExactModel(table, slots, pins, loads(), horizon());
        double left = steps;
        for (Objective objective : table.order) {
            LinearExpr expression = model.of(objective);
            model.model.minimize(expression);
            double spent = lessen(model, objective, left * 0.7);
            left -= spent;
            if (stop.getAsBoolean() || left <= 0) {
                break;
            }
            model.model.addLessOrEqual(expression, model.whole(objective, least.value(objective)));
        }
        return new Solved(best, bounds);
    }

    /** Betters one objective; what the packer cannot lay is forbidden and asked again. */
    private double lessen(ExactModel model, Objective objective, double steps) {
        double spent = 0;
        for (int round = 0; round < MOST_ROUNDS && spent < steps; round++) {
            Timetable timed = new Timetable(table);
            if (timed.time(best) != null) {
                ExactHint.give(table, model, best, timed);
            }
            Solver.Answer answer = Solver.ask(model.model, steps - spent, stop);
            spent += Math.max(0.01, answer.steps());
            if (answer.steps() == 0) {
                break;
            }
            if (answer.found() || answer.status() == CpSolverStatus.UNKNOWN) {
                note(model, objective, answer);
            }
            if (!answer.found()) {
                break;
            }
            Draft draft = model.draft(answer.solver());
            if (draft != null) {
                keep(draft);
                break;
            }
        }
        return spent;
    }

    private void note(ExactModel model, Objective objective, Solver.Answer answer) {
        double bound = answer.solver().bestObjectiveBound();
        if (Double.isFinite(bound)) {
            bounds.put(objective, Math.max(0, model.inUnit(objective, bound)));
        }
    }

    private void keep(Draft draft) {
        Outcome outcome = new Timetable(table).time(draft);
        if (outcome != null && outcome.compareTo(least) < 0) {
            least = outcome;
            best = draft;
            better.accept(draft);
        }
    }

    private int loads() {
        int alone = 0;
        for (int j = 0; j < table.bakes; j++) {
            int most = 1;
            for (int o = 0; o < table.ovens; o++) {
                most = Math.max(most, table.fitsOven[o][j] ? slots.most(o, j, table.count[j]) : 1);
            }
            alone += (table.count[j] + most - 1) / most;
        }
        return Math.max(best.loads.length, Math.min(alone, Math.max(MOST_LOADS, best.loads.length + SPARE_LOADS)));
    }

    private int horizon() {
        long sum = least.finish();
        for (int j = 0; j < table.bakes; j++) {
            sum += table.need[j] + table.work[j] + table.preheat[0] + table.unload[0];
        }
        return (int) Math.min(sum, Table.NEVER / 2);
    }
}
