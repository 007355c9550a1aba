package fairember.core.loadsearch;

import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.IntervalVar;
import com.google.ortools.sat.Literal;
import java.util.ArrayList;
import java.util.List;

/** The hands' tasks in the constraint model. */
final class ExactHands {
    private final Table table;
    private final CpModel model;
    private final int horizon;

    ExactHands(Table table, CpModel model, int horizon) {
        this.table = table;
        this.model = model;
        this.horizon = horizon;
    }

    /** Ties each bake's beginning to when it is shaped, and keeps tasks from overlapping beyond what the makers can do. */
    void tie(IntVar[] begin, IntVar[] shaped) {
        List<IntervalVar> tasks = new ArrayList<>();
        for (int j = 0; j < table.bakes; j++) {
            if (table.work[j] == 0) {
                model.addEquality(shaped[j], begin[j]);
                continue;
            }
            IntVar size = inHours(j, begin[j], shaped[j]);
            tasks.add(model.newIntervalVar(begin[j], size, shaped[j], "t" + j));
        }
        if (table.makers == 1) {
            model.addNoOverlap(tasks);
        } else if (table.makers > 1) {
            var shared = model.addCumulative(table.makers);
            tasks.forEach(task -> shared.addDemand(task, 1));
        }
    }

    /** The ticks a task takes, with the closed hours it lies over; it begins and ends while somebody is there. */
    private IntVar inHours(int j, IntVar begin, IntVar shaped) {
        int work = table.work[j];
        int[][] open = table.hands.open();
        if (open.length == 1 && open[0][0] <= 0 && open[0][1] >= horizon) {
            return model.newIntVar(work, work, "w" + j);
        }
        IntVar size = model.newIntVar(work, horizon, "w" + j);
        List<Literal> settings = new ArrayList<>();
        for (int a = 0; a < open.length && open[a][0] <= horizon; a++) {
            int between = 0;
            int inside = open[a][1] - open[a][0];
            for (int z = a; z < open.length && open[z][0] <= horizon; z++) {
                if (z > a) {
                    between += open[z][0] - open[z - 1][1];
                    inside += open[z][1] - open[z][0];
                }
                if (z > a
                        && (!table.hands.breaks()
                                || inside - (open[a][1] - open[a][0]) - (open[z][1] - open[z][0]) >= work)) {
                    break;
                }
                BoolVar way = model.newBoolVar("");
                settings.add(way);
                model.addGreaterOrEqual(begin, open[a][0]).onlyEnforceIf(way);
                model.addLessOrEqual(begin, open[a][1] - (z > a ? 1 : work)).onlyEnforceIf(way);
                model.addGreaterOrEqual(shaped, open[z][0] + (z > a ? 1 : work)).onlyEnforceIf(way);
                model.addLessOrEqual(shaped, open[z][1]).onlyEnforceIf(way);
                model.addEquality(size, (long) work + between).onlyEnforceIf(way);
            }
        }
        model.addExactlyOne(settings);
        return size;
    }
}
