package fairember.core.loadsearch;

import com.google.ortools.sat.CpModel;

/** Says the constraint model of a draft. */
final class ExactHint {
    private ExactHint() {}

    /** Says the solver of a draft it may begin from. */
    static void give(Table table, ExactModel to, Draft draft, Timetable timed) {
        CpModel model = to.model;
        model.clearHints();
        int[] next = new int[table.ovens];
        for (int p = 0; p < draft.loads.length; p++) {
            Slot slot = draft.loads[p];
            int o = slot.oven;
            int l = next[o]++;
            if (l >= to.loads) {
                return;
            }
            model.addHint(to.used[o][l], 1);
            model.addHint(to.heat[o][l], timed.heat[p]);
            model.addHint(to.bakingTime[o][l], slot.bakingTime);
            model.addHint(to.end[o][l], timed.heat[p] + table.preheat[o] + slot.bakingTime + table.unload[o]);
            for (int j = 0; j < table.bakes; j++) {
                model.addHint(to.amount[o][l][j], slot.countOf(j));
                model.addHint(to.in[o][l][j], slot.countOf(j) > 0 ? 1 : 0);
            }
        }
        for (int j = 0; j < table.bakes; j++) {
            model.addHint(to.begin[j], timed.handsBegin[j]);
            model.addHint(to.shaped[j], timed.handsEnd[j]);
            model.addHint(to.done[j], timed.done[j]);
            model.addHint(to.late[j], table.due[j] >= Table.NEVER ? 0 : Math.max(0, timed.done[j] - table.due[j]));
        }
        for (int o = 0; o < table.ovens; o++) {
            for (int l = next[o]; l < to.loads; l++) {
                model.addHint(to.used[o][l], 0);
                for (int j = 0; j < table.bakes; j++) {
                    model.addHint(to.amount[o][l][j], 0);
                    model.addHint(to.in[o][l][j], 0);
                }
            }
        }
    }
}
