package fairember.core.loadsearch;

import java.util.Arrays;
import java.util.Comparator;
import java.util.function.BooleanSupplier;
import java.util.stream.IntStream;

/**
 * What no plan can be less late than, from a price for every moment of the hands: the Lagrangian relaxation of one machine's
 * capacity (Fisher, 1981). At given prices each tree of bakes is planned by itself, at the least sum of its lateness and of what its
 * tasks cost, exactly, from its leaves to its root; less what the hands could take in at most, that is a bound. Prices rise where all
 * trees together want more hands than there are, and fall where they want fewer (Held, Wolfe and Crowder, 1974).
 *
 * <p>The oven counts as free. Time is in slots of some ticks; what takes time is rounded down to whole slots, so that whatever is a
 * plan is one here. A bake that several wait for belongs to the first of them alone.
 */
final class HandPrices {
    private static final int MOST_SLOTS = 4000;
    private static final int ROUNDS = 800;
    /** After so many rounds without a better bound the steps of the prices are smaller, down to the least. */
    private static final int PATIENCE = 20;

    private static final double SMALLER = 0.7;
    private static final double LEAST_STEP = 1e-3;
    /** How much of the direction of the round before stays in it. */
    private static final double MOMENTUM = 0.7;

    private final Table table;
    private final long late;
    private final int ticks;
    private final int slots;
    /** The slots in which hands work, and for each slot the first of those that is not before it. */
    private final int[] open;

    private final int[] firstOpen;
    private final int[] release;
    private final int[] earliest;
    private final int[] tail;
    private final int[] work;
    /** Bakes that have a due or lead to one, each after all that it waits for. */
    private final int[] counted;

    private final int[][] children;
    private final int[] parent;
    private final int[] cooling;
    private final double[] price;
    private final double[] paid;
    /** By bake and slot: the least that it and all below it come to when it is out by then, and when its task begins. */
    private final double[][] least;

    private final int[][] choice;
    private final int[] begin;

    /** @param late lateness of a plan there is, ticks, above 0 */
    HandPrices(Table table, Bounds bounds, long late) {
        this.table = table;
        this.late = late;
        int n = table.bakes;
        int lastDue =
                Arrays.stream(table.due).filter(due -> due < Table.NEVER).max().orElse(0);
        long horizon = Math.min(Table.NEVER, lastDue + late);
        ticks = (int) (horizon / MOST_SLOTS) + 1;
        slots = (int) (horizon / ticks) + 1;
        open = IntStream.range(0, slots).filter(this::isOpen).toArray();
        firstOpen = new int[slots + 1];
        Arrays.fill(firstOpen, open.length);
        for (int i = open.length - 1; i >= 0; i--) {
            Arrays.fill(firstOpen, i == 0 ? 0 : open[i - 1] + 1, open[i] + 1, i);
        }
        release = IntStream.range(0, n).map(j -> bounds.release(j) / ticks).toArray();
        earliest = IntStream.range(0, n).map(j -> bounds.earliest(j) / ticks).toArray();
        tail = IntStream.range(0, n).map(j -> bounds.tail(j) / ticks).toArray();
        work = Arrays.stream(table.work).map(w -> w / ticks).toArray();
        parent = new int[n];
        cooling = new int[n];
        boolean[] counts = counts();
        join(counts);
        children = IntStream.range(0, n)
                .mapToObj(j -> IntStream.range(0, n).filter(c -> parent[c] == j).toArray())
                .toArray(int[][]::new);
        counted = IntStream.range(0, n)
                .filter(j -> counts[j])
                .boxed()
                .sorted(Comparator.comparingInt(this::depth))
                .mapToInt(j -> j)
                .toArray();
        price = new double[open.length];
        paid = new double[open.length + 1];
        least = new double[n][slots];
        choice = new int[n][slots];
        begin = new int[n];
    }

    private boolean isOpen(int slot) {
        return Arrays.stream(table.hands.open())
                .anyMatch(s -> s[0] < (long) (slot + 1) * ticks && s[1] > (long) slot * ticks);
    }

    /** Which bakes have a due or lead to one. */
    private boolean[] counts() {
        boolean[] counts = new boolean[table.bakes];
        for (int j = 0; j < table.bakes; j++) {
            for (int k = 0; k < table.bakes; k++) {
                counts[j] |= (k == j || table.ancestor[k][j]) && table.due[k] < Table.NEVER;
            }
        }
        return counts;
    }

    /** Gives each bake to the first that waits for it. */
    private void join(boolean[] counts) {
        Arrays.fill(parent, -1);
        for (int j = 0; j < table.bakes; j++) {
            for (int i = 0; i < table.before[j].length && counts[j]; i++) {
                int child = table.before[j][i];
                if (parent[child] < 0) {
                    parent[child] = j;
                    cooling[child] = table.cooling[j][i] / ticks;
                }
            }
        }
    }

    private int depth(int j) {
        return (int) IntStream.range(0, table.bakes)
                .filter(a -> table.ancestor[j][a])
                .count();
    }

    /** The bound, ticks, at most the lateness that was given; 0 where hands take no time. */
    double bound(BooleanSupplier stop) {
        if (table.makers == 0 || open.length == 0 || counted.length == 0) {
            return 0;
        }
        double best = 0;
        double step = 1;
        int patience = PATIENCE;
        double[] direction = new double[open.length];
        for (int round = 0; round < ROUNDS && step > LEAST_STEP && best <= late - 1 && !stop.getAsBoolean(); round++) {
            double value = atPrices();
            if (value == Double.POSITIVE_INFINITY) {
                // Not all of it can be done by the lateness that was given, so that was none of a plan.
                return 0;
            }
            patience = value > best + 1e-4 * best ? PATIENCE : patience - 1;
            best = Math.max(best, value);
            if (patience == 0) {
                step *= SMALLER;
                patience = PATIENCE;
            }
            double length = turn(direction);
            if (length == 0) {
                break;
            }
            double stride = step * Math.max(1, late - value) / length;
            for (int x = 0; x < price.length; x++) {
                price[x] = Math.max(0, price[x] + stride * direction[x]);
            }
        }
        return Math.min((double) late, Math.ceil(best - 1e-6));
    }

    /** Turns the direction to where the hands do more than they can now; its length, squared. */
    private double turn(double[] direction) {
        double[] wanted = new double[open.length];
        for (int j : counted) {
            for (int x = firstOpen[begin[j]]; x < firstOpen[begin[j]] + work[j]; x++) {
                wanted[x]++;
            }
        }
        double length = 0;
        for (int x = 0; x < direction.length; x++) {
            double next = wanted[x] - table.makers + MOMENTUM * direction[x];
            direction[x] = price[x] <= 0 && next < 0 ? 0 : next;
            length += direction[x] * direction[x];
        }
        return length;
    }

    /** The bound at the prices there are, and each task's beginning in it; infinite where there is no such plan. */
    private double atPrices() {
        double value = 0;
        for (int x = 0; x < price.length; x++) {
            paid[x + 1] = paid[x] + price[x];
            value -= price[x] * table.makers;
        }
        for (int j : counted) {
            plan(j);
            value += parent[j] < 0 ? least[j][slots - 1] : 0;
        }
        if (value == Double.POSITIVE_INFINITY) {
            return value;
        }
        for (int i = counted.length - 1; i >= 0; i--) {
            int j = counted[i];
            begin[j] = choice[j][parent[j] < 0 ? slots - 1 : begin[parent[j]] - cooling[j]];
        }
        return value;
    }

    /** The least that a bake and all below it come to, by when it is out. */
    private void plan(int j) {
        double[] cheapest = least[j];
        int[] chosen = choice[j];
        int due = table.due[j];
        double hands = Double.POSITIVE_INFINITY;
        double before = Double.POSITIVE_INFINITY;
        int handsBegin = -1;
        int next = release[j];
        for (int out = 0; out < slots; out++) {
            for (; next < slots && shaped(j, next) + tail[j] <= out; next++) {
                double cost = hands(j, next);
                if (cost < hands) {
                    hands = cost;
                    handsBegin = next;
                }
            }
            double cost = hands + (due < Table.NEVER ? Math.max(0, (double) out * ticks - due) : 0);
            boolean now = out >= earliest[j] && cost < before;
            before = now ? cost : before;
            cheapest[out] = before;
            chosen[out] = now || out == 0 ? handsBegin : chosen[out - 1];
        }
    }

    /** The slot by which a task that begins in this one is done. */
    private int shaped(int j, int at) {
        if (work[j] == 0) {
            return at;
        }
        int last = firstOpen[at] + work[j] - 1;
        return last < open.length ? open[last] + 1 : Table.NEVER;
    }

    /** What a task that begins in this slot costs, with all that it waits for. */
    private double hands(int j, int at) {
        double cost = paid[firstOpen[at] + work[j]] - paid[firstOpen[at]];
        for (int child : children[j]) {
            int by = at - cooling[child];
            cost += by < 0 ? Double.POSITIVE_INFINITY : least[child][by];
        }
        return cost;
    }
}
