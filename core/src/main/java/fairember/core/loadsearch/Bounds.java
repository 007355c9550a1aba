package fairember.core.loadsearch;

import fairember.core.ovenload.Objective;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/**
 * What no plan can be better than, without searching.
 *
 * <p>Lateness and finish come from relaxing all but one thing: bakes that have hands and ovens for themselves; one
 * machine that does the hands' tasks and may break them off; and one that does the oven's work, where a bake weighs so
 * much that no load that may be is shorter than the weights in it. On one machine the k-th end of the shortest remaining
 * work first is no later than the k-th end of any order, and set against the k-th due gives a bound (Chu, 1992).
 */
final class Bounds {
    private final Table table;
    private final Sharing sharing;
    private final int[] earliest;
    private final int[] release;
    private final int[] heat;
    private final List<double[]> weights = new ArrayList<>();

    Bounds(Table table) {
        this.table = table;
        this.sharing = new Sharing(table);
        this.earliest = new int[table.bakes];
        this.release = new int[table.bakes];
        this.heat = new int[table.bakes];
        for (int j : inOrder()) {
            alone(j);
        }
        weights.add(byArea());
        weights.addAll(byClash());
    }

    double of(Objective objective) {
        return switch (objective) {
            case LATENESS -> lateness();
            case LOADS -> loads();
            case KWH -> kwh();
            case FINISH -> finish();
        };
    }

    /** The earliest that the task of a bake may begin. */
    int release(int j) {
        return release[j];
    }

    /** The earliest end of a bake. */
    int earliest(int j) {
        return earliest[j];
    }

    /** The least time from a bake being shaped to its end: the loads it needs go in one after the other. */
    int tail(int j) {
        int least = Table.NEVER;
        for (int o = 0; o < table.ovens; o++) {
            least = table.fitsOven[o][j] ? Math.min(least, sharing.whole(o, j) - table.lead(o)) : least;
        }
        return least + inTurn(j) * sharing.shortest(j);
    }

    /** Loads of a bake that go in before its last, however they are shared among the ovens. */
    private int inTurn(int j) {
        return (sharing.fewest(j) + table.ovens - 1) / table.ovens - 1;
    }

    private int[] inOrder() {
        Integer[] order = new Integer[table.bakes];
        int[] depth = new int[table.bakes];
        for (int j = 0; j < table.bakes; j++) {
            order[j] = j;
            for (boolean above : table.ancestor[j]) {
                depth[j] += above ? 1 : 0;
            }
        }
        Arrays.sort(order, Comparator.comparingInt(j -> depth[j]));
        return Arrays.stream(order).mapToInt(j -> j).toArray();
    }

    /** The earliest end of a bake that has hands and ovens for itself. */
    private void alone(int j) {
        int from = table.from[j];
        for (int i = 0; i < table.before[j].length; i++) {
            from = Math.max(from, earliest[table.before[j][i]] + table.cooling[j][i]);
        }
        release[j] = Math.min(from, Table.NEVER);
        int begin = table.work[j] == 0 ? release[j] : table.hands.begin(release[j], table.work[j]);
        int shaped = begin >= Table.NEVER || table.work[j] == 0 ? begin : table.hands.end(begin, table.work[j]);
        shaped = Math.max(shaped, afterAllHands(j));
        heat[j] = Table.NEVER;
        earliest[j] = Table.NEVER;
        for (int o = 0; o < table.ovens && shaped < Table.NEVER; o++) {
            if (table.fitsOven[o][j]) {
                int on = table.ovenHours[o].begin(Math.max(0, shaped - table.lead(o)), sharing.whole(o, j));
                heat[j] = Math.min(heat[j], on);
                earliest[j] = Math.min(earliest[j], on >= Table.NEVER ? Table.NEVER : on + sharing.whole(o, j));
            }
        }
        earliest[j] = Math.min(Table.NEVER, earliest[j] + inTurn(j) * sharing.shortest(j));
    }

    /** When the hands can have done all tasks that a bake rests on, its own and those of every bake before it, and nothing else. */
    private int afterAllHands(int j) {
        if (table.makers == 0) {
            return 0;
        }
        double work = table.work[j];
        int from = table.work[j] > 0 ? table.from[j] : Table.NEVER;
        for (int a = 0; a < table.bakes; a++) {
            if (table.ancestor[j][a] && table.work[a] > 0) {
                work += table.work[a];
                from = Math.min(from, release[a]);
            }
        }
        return work == 0 || from >= Table.NEVER ? 0 : (int) Math.floor(from + work / table.makers);
    }

    /** Each bake weighs its minutes times its share of the trays. */
    private double[] byArea() {
        double[] weight = new double[table.bakes];
        for (int j = 0; j < table.bakes; j++) {
            weight[j] = Double.POSITIVE_INFINITY;
            for (int o = 0; o < table.ovens; o++) {
                if (table.fitsOven[o][j]) {
                    double share = table.count[j] * table.area[o][j] / table.ovenArea[o];
                    weight[j] = Math.min(weight[j], share * sharing.whole(o, j));
                }
            }
        }
        return weight;
    }

    /** Bakes none of which suits another weigh all their minutes, once for each load they need; the others nothing. */
    private List<double[]> byClash() {
        List<double[]> all = new ArrayList<>();
        for (int seed = 0; seed < table.bakes; seed++) {
            double[] weight = new double[table.bakes];
            for (int j : sharing.clique(seed)) {
                weight[j] = (double) sharing.shortest(j) * sharing.fewest(j);
            }
            all.add(weight);
        }
        return all;
    }

    private double lateness() {
        double most = 0;
        for (int j = 0; j < table.bakes; j++) {
            most += table.due[j] < Table.NEVER ? Math.max(0, earliest[j] - table.due[j]) : 0;
        }
        if (table.makers > 0) {
            most = Math.max(most, lateHands());
        }
        for (double[] weight : weights) {
            most = Math.max(most, lateOven(weight));
        }
        return most;
    }

    private double lateHands() {
        List<OneMachine.Task> tasks = new ArrayList<>();
        for (int j = 0; j < table.bakes; j++) {
            if (table.due[j] >= Table.NEVER || table.work[j] == 0) {
                continue;
            }
            int tail = tail(j);
            double work = table.work[j];
            double from = release[j];
            for (int a = 0; a < table.bakes; a++) {
                if (table.ancestor[j][a] && onlyFor(a, j)) {
                    work += table.work[a];
                    from = Math.min(from, release[a]);
                }
            }
            tasks.add(new OneMachine.Task(from, work / table.makers, table.due[j] - tail));
        }
        return OneMachine.late(tasks);
    }

    /** Whether a bake that nobody waits for leads to one bake with a due alone. */
    private boolean onlyFor(int a, int j) {
        boolean only = table.due[a] >= Table.NEVER;
        for (int k = 0; k < table.bakes; k++) {
            only &= k == j || !table.ancestor[k][a] || table.due[k] >= Table.NEVER;
        }
        return only;
    }

    private double lateOven(double[] weight) {
        List<OneMachine.Task> tasks = new ArrayList<>();
        for (int j = 0; j < table.bakes; j++) {
            if (table.due[j] >= Table.NEVER) {
                continue;
            }
            double all = weight[j];
            double from = weight[j] > 0 ? heat[j] : Table.NEVER;
            for (int a = 0; a < table.bakes; a++) {
                if (weight[a] > 0 && table.ancestor[j][a] && onlyFor(a, j)) {
                    all += weight[a];
                    from = Math.min(from, heat[a]);
                }
            }
            if (all > 0) {
                tasks.add(new OneMachine.Task(from, all / table.ovens, table.due[j]));
            }
        }
        return OneMachine.late(tasks);
    }

    private double loads() {
        double area = 0;
        for (int j = 0; j < table.bakes; j++) {
            area += sharing.share(j);
        }
        int most = (int) Math.ceil(area - 1e-6);
        for (int seed = 0; seed < table.bakes; seed++) {
            most = Math.max(
                    most,
                    sharing.clique(seed).stream().mapToInt(sharing::fewest).sum());
        }
        return most;
    }

    private double kwh() {
        double preheat = Double.POSITIVE_INFINITY;
        double power = Double.POSITIVE_INFINITY;
        for (int o = 0; o < table.ovens; o++) {
            preheat = Math.min(
                    preheat, table.problem.ovens().get(o).oven().preheatEnergy().kwh());
            power = Math.min(power, table.problem.ovens().get(o).oven().keepHotKw());
        }
        double bakingTime = 0;
        for (int j = 0; j < table.bakes; j++) {
            bakingTime += sharing.share(j) * table.need[j];
        }
        for (int seed = 0; seed < table.bakes; seed++) {
            bakingTime = Math.max(
                    bakingTime,
                    sharing.clique(seed).stream()
                            .mapToDouble(j -> (double) table.need[j] * sharing.fewest(j))
                            .sum());
        }
        return table.bakes == 0 ? 0 : preheat * loads() + power * bakingTime / table.scale / 60;
    }

    private double finish() {
        double most = 0;
        double work = 0;
        int firstHands = Table.NEVER;
        int tail = Table.NEVER;
        for (int j = 0; j < table.bakes; j++) {
            most = Math.max(most, earliest[j]);
            if (table.work[j] > 0) {
                work += table.work[j];
                firstHands = Math.min(firstHands, release[j]);
                tail = Math.min(tail, table.need[j]);
            }
        }
        if (table.makers > 0 && work > 0) {
            most = Math.max(most, firstHands + work / table.makers + tail);
        }
        for (double[] weight : weights) {
            int first = Table.NEVER;
            double sum = 0;
            for (int j = 0; j < table.bakes; j++) {
                if (weight[j] > 0) {
                    first = Math.min(first, heat[j]);
                    sum += weight[j];
                }
            }
            most = Math.max(most, sum == 0 ? 0 : first + sum / table.ovens);
        }
        return Math.ceil(most - 1e-6);
    }
}
