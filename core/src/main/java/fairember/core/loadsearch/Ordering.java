package fairember.core.loadsearch;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.IntToLongFunction;

/** Makes a draft of loads whose times are known, so that the timetable gives none a later time. */
final class Ordering {
    private Ordering() {}

    /**
     * The draft with its loads in the order of their times and the hands' tasks in the order they begin.
     *
     * @param at when each load is switched on
     * @param begins when the hands begin each bake
     */
    static Draft draft(Table table, List<Slot> loads, List<Long> at, IntToLongFunction begins) {
        List<Integer> order = new ArrayList<>();
        for (int i = 0; i < loads.size(); i++) {
            order.add(i);
        }
        order.sort(Comparator.comparing(at::get));
        Slot[] row = order.stream().map(loads::get).toArray(Slot[]::new);
        Draft draft = new Draft(row, new int[table.bakes], new int[table.bakes]);
        Timetable timetable = new Timetable(table);
        if (!timetable.inOrder(draft)) {
            return draft;
        }
        List<Integer> tasks = new ArrayList<>();
        for (int j = 0; j < table.bakes; j++) {
            tasks.add(j);
        }
        tasks.sort(Comparator.comparingLong((Integer j) -> begins.applyAsLong(j))
                .thenComparingInt(timetable::first)
                .thenComparing(Comparator.naturalOrder()));
        int hook = 0;
        for (int rank = 0; rank < tasks.size(); rank++) {
            int j = tasks.get(rank);
            for (int b : table.before[j]) {
                hook = Math.max(hook, timetable.last(b) + 1);
            }
            draft.ahead[j] = Math.max(0, timetable.first(j) - hook);
            draft.rank[j] = rank;
        }
        return draft;
    }
}
