package fairember.core.solver;

import com.google.ortools.Loader;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverSolutionCallback;
import com.google.ortools.sat.CpSolverStatus;
import java.util.function.BooleanSupplier;

/** The native solver: loaded once, asked with one worker and a limit of its own steps, so that it repeats. */
public final class Solver {
    private static final class Native {
        static final boolean LOADED = load();

        private static boolean load() {
            try {
                Loader.loadNativeLibraries();
                return true;
            } catch (RuntimeException | LinkageError missing) {
                return false;
            }
        }
    }

    private Solver() {}

    /** Whether this machine has it. */
    public static boolean here() {
        return Native.LOADED;
    }

    /** How a request ended, and how many of the solver's own seconds it took; none when it was stopped before it began. */
    public record Answer(CpSolver solver, CpSolverStatus status, double steps) {
        /** Whether there is a solution. */
        public boolean found() {
            return status == CpSolverStatus.OPTIMAL || status == CpSolverStatus.FEASIBLE;
        }
    }

    /** Asks once, for a number of the solver's own seconds at most. */
    public static Answer ask(CpModel model, double steps, BooleanSupplier stop) {
        return ask(model, steps, stop, 0);
    }

    /** Asks a model of sums, where a linear relaxation helps. */
    public static Answer askLinear(CpModel model, double steps, BooleanSupplier stop) {
        return ask(model, steps, stop, 2);
    }

    private static Answer ask(CpModel model, double steps, BooleanSupplier stop, int linear) {
        CpSolver solver = new CpSolver();
        solver.getParameters()
                .setNumWorkers(1)
                .setMaxDeterministicTime(steps)
                .setLinearizationLevel(linear)
                .setRandomSeed(7);
        if (stop.getAsBoolean()) {
            return new Answer(solver, CpSolverStatus.UNKNOWN, 0);
        }
        CpSolverSolutionCallback watch = new CpSolverSolutionCallback() {
            @Override
            public void onSolutionCallback() {
                if (stop.getAsBoolean()) {
                    stopSearch();
                }
            }
        };
        CpSolverStatus status = solver.solve(model, watch);
        return new Answer(solver, status, solver.response().getDeterministicTime());
    }
}
