package fairember.core.blockcutting;

import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import fairember.core.solver.Solver;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Cutting by the constraint solver: how many pieces of each size come from which stick, so that the least is missing, then the least
 * left over in the sticks that are opened.
 */
final class SolvedCutting {
    /** The solver's own seconds. */
    private static final double STEPS = 0.05;
    /** All sticks together are so many units at most, so that the sums stay whole numbers. */
    private static final double MOST_UNITS = 1e6;

    private static final double FINEST = 1000;

    private final List<Stick> sticks;
    private final List<Want> wants;
    private final double scale;
    private final CpModel model = new CpModel();
    private final List<List<IntVar>> counts = new ArrayList<>();
    private final List<BoolVar> opened = new ArrayList<>();

    SolvedCutting(List<Stick> sticks, List<Want> wants) {
        this.sticks = sticks;
        this.wants = wants;
        double all = sticks.stream().mapToDouble(Stick::size).sum();
        this.scale = Math.min(FINEST, MOST_UNITS / all);
    }

    /**
     * Counts of each want from each stick, as good as the solver finds them in its few steps.
     *
     * @param start counts to begin from, by stick and want
     * @return nothing when the solver is not there or finds none
     */
    Optional<int[][]> counts(int[][] start) {
        if (!Solver.here()) {
            return Optional.empty();
        }
        describe(start);
        Solver.Answer answer = Solver.askLinear(model, STEPS, () -> false);
        if (!answer.found()) {
            return Optional.empty();
        }
        int[][] found = new int[sticks.size()][wants.size()];
        for (int s = 0; s < found.length; s++) {
            for (int w = 0; w < found[s].length; w++) {
                found[s][w] = (int) answer.solver().value(counts.get(s).get(w));
            }
        }
        return Optional.of(found);
    }

    private void describe(int[][] start) {
        long whole = sticks.stream().mapToLong(this::units).sum();
        LinearExprBuilder worth = LinearExpr.newBuilder();
        for (int s = 0; s < sticks.size(); s++) {
            BoolVar open = model.newBoolVar("open " + s);
            opened.add(open);
            LinearExprBuilder used = LinearExpr.newBuilder();
            List<IntVar> here = new ArrayList<>();
            int pieces = 0;
            for (int w = 0; w < wants.size(); w++) {
                IntVar count = model.newIntVar(0, wants.get(w).count(), "count " + s + " " + w);
                model.addHint(count, start[s][w]);
                pieces += start[s][w];
                here.add(count);
                used.addTerm(count, units(wants.get(w)));
                // A unit that is missing weighs more than all that can be left over.
                worth.addTerm(count, -units(wants.get(w)) * (whole + 2));
            }
            model.addHint(open, pieces > 0 ? 1 : 0);
            counts.add(here);
            worth.addTerm(open, units(sticks.get(s)));
            used.addTerm(open, -units(sticks.get(s)));
            model.addLessOrEqual(used, 0);
        }
        for (int w = 0; w < wants.size(); w++) {
            LinearExprBuilder made = LinearExpr.newBuilder();
            for (List<IntVar> here : counts) {
                made.addTerm(here.get(w), 1);
            }
            model.addLessOrEqual(made, wants.get(w).count());
        }
        model.minimize(worth);
    }

    /** Never more than there is. */
    private long units(Stick stick) {
        return (long) Math.floor(stick.size() * scale + 1e-6);
    }

    /** Never less than is wanted. */
    private long units(Want want) {
        return Math.max(1, (long) Math.ceil(want.size() * scale - 1e-6));
    }
}
