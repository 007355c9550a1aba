package fairember.core.solver;

import com.google.ortools.Loader;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
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

    private static final long PAUSE_MS = 50;

    private static final ScheduledExecutorService WATCH = Executors.newSingleThreadScheduledExecutor(run -> {
        Thread thread = new Thread(run, "solver-watch");
        thread.setDaemon(true);
        return thread;
    });

    private Solver() {}

    /** Whether this machine has it. */
    public static boolean here() {
        return Native.LOADED;
    }

    /** How a request ended, and how many of the solver's own seconds it took; none when it was stopped before it began. */
    public record Answer(CpSolver solver, CpSolverStatus status, double steps) {
        /** Whether there may be a solution, as far as it knows. */
        public boolean mayBe() {
            return status != CpSolverStatus.INFEASIBLE && status != CpSolverStatus.MODEL_INVALID;
        }

        /** Whether its solution is the best there is. */
        public boolean least() {
            return status == CpSolverStatus.OPTIMAL;
        }

        /** Whether there is a solution. */
        public boolean found() {
            return status == CpSolverStatus.OPTIMAL || status == CpSolverStatus.FEASIBLE;
        }
    }

    /** Asks once, for a number of the solver's own seconds at most. */
    public static Answer ask(CpModel model, double steps, BooleanSupplier stop) {
        return ask(model, new CpSolver(), steps, stop);
    }

    /** Asks a model of sums, where a linear relaxation helps. */
    public static Answer askLinear(CpModel model, double steps, BooleanSupplier stop) {
        CpSolver solver = new CpSolver();
        solver.getParameters().setLinearizationLevel(2);
        return ask(model, solver, steps, stop);
    }

    /** Asks for a bound rather than for solutions: sets of wishes that cannot all be met raise it, until they can. */
    public static Answer askFromBelow(CpModel model, double steps, BooleanSupplier stop) {
        CpSolver solver = new CpSolver();
        solver.getParameters().setOptimizeWithCore(true);
        return ask(model, solver, steps, stop);
    }

    private static Answer ask(CpModel model, CpSolver solver, double steps, BooleanSupplier stop) {
        var parameters = solver.getParameters();
        parameters.setNumWorkers(1).setMaxDeterministicTime(steps).setRandomSeed(7);
        if (!parameters.hasLinearizationLevel()) {
            parameters.setLinearizationLevel(0);
        }
        if (stop.getAsBoolean()) {
            return new Answer(solver, CpSolverStatus.UNKNOWN, 0);
        }
        // A search may run for seconds without meeting a solution: it is watched from beside.
        Future<?> watch = WATCH.scheduleWithFixedDelay(
                () -> {
                    if (stop.getAsBoolean()) {
                        solver.stopSearch();
                    }
                },
                PAUSE_MS,
                PAUSE_MS,
                TimeUnit.MILLISECONDS);
        try {
            CpSolverStatus status = solver.solve(model);
            return new Answer(solver, status, solver.response().getDeterministicTime());
        } finally {
            watch.cancel(false);
        }
    }
}
