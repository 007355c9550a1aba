package fairember.core.loadsearch;

import java.util.Arrays;
import org.jspecify.annotations.Nullable;

/**
 * Gives a draft its times: each load as early as its oven, its hours and the hands that shape for it let it. The hands
 * take tasks in the order of the loads they feed; a task goes into the first gap that is long enough. Its arrays are
 * used again by the next draft.
 */
final class Timetable {
    private final Table table;
    private final int[] first;
    private final int[] last;
    private final int[] placed;
    private final long[] queue;
    private final int[] ovenFree;
    private final int[][] busyFrom;
    private final int[][] busyTo;
    private final int[] busy;
    final int[] handsBegin;
    final int[] handsEnd;
    final int[] done;
    /** When each load's oven is switched on; never when it cannot be. */
    int[] heat = new int[0];

    Timetable(Table table) {
        this.table = table;
        int n = table.bakes;
        first = new int[n];
        last = new int[n];
        placed = new int[n];
        queue = new long[n];
        ovenFree = new int[table.ovens];
        busyFrom = new int[Math.max(1, table.makers)][n + 1];
        busyTo = new int[Math.max(1, table.makers)][n + 1];
        busy = new int[Math.max(1, table.makers)];
        handsBegin = new int[n];
        handsEnd = new int[n];
        done = new int[n];
    }

    int first(int bake) {
        return first[bake];
    }

    int last(int bake) {
        return last[bake];
    }

    /** Whether every bake is in it whole and after those it waits for; then {@link #first} and {@link #last} stand. */
    boolean inOrder(Draft draft) {
        Arrays.fill(first, -1);
        Arrays.fill(placed, 0);
        Slot[] loads = draft.loads;
        for (int p = 0; p < loads.length; p++) {
            Slot slot = loads[p];
            for (int i = 0; i < slot.bakes.length; i++) {
                int j = slot.bakes[i];
                if (first[j] < 0) {
                    first[j] = p;
                }
                last[j] = p;
                placed[j] += slot.counts[i];
            }
        }
        for (int j = 0; j < table.bakes; j++) {
            if (placed[j] != table.count[j]) {
                return false;
            }
            for (int b : table.before[j]) {
                if (last[b] >= first[j]) {
                    return false;
                }
            }
        }
        return true;
    }

    /** What the draft comes to; null when a bake stands before one it waits for. */
    @Nullable
    Outcome time(Draft draft) {
        if (!inOrder(draft)) {
            return null;
        }
        line(draft);
        Slot[] loads = draft.loads;
        if (heat.length < loads.length) {
            heat = new int[loads.length + 8];
        }
        Arrays.fill(ovenFree, 0);
        Arrays.fill(busy, 0);
        Arrays.fill(done, 0);
        int next = 0;
        long slip = 0;
        int finish = 0;
        double kwh = 0;
        for (int p = 0; p < loads.length; p++) {
            for (; next < queue.length && (queue[next] >>> 48) <= p; next++) {
                shape((int) (queue[next] & 0x3ffff));
            }
            Slot slot = loads[p];
            int end = bake(slot, p);
            kwh += slot.kwh;
            finish = Math.max(finish, end < Table.NEVER ? end : 0);
            if (slot.at != Slot.ANY_TIME && heat[p] < Table.NEVER) {
                slip += Math.max(0, heat[p] + table.lead(slot.oven) - slot.at);
            }
        }
        return outcome(loads.length, slip, finish, kwh);
    }

    /** The hands' tasks by the load before which they are begun, then by the load they feed. */
    private void line(Draft draft) {
        for (int j = 0; j < table.bakes; j++) {
            int earliest = 0;
            for (int b : table.before[j]) {
                earliest = Math.max(earliest, last[b] + 1);
            }
            long hook = Math.max(earliest, first[j] - draft.ahead[j]);
            queue[j] = hook << 48 | (long) draft.rank[j] << 36 | (long) first[j] << 18 | j;
        }
        Arrays.sort(queue);
    }

    private void shape(int j) {
        int release = table.from[j];
        for (int i = 0; i < table.before[j].length; i++) {
            release = Math.max(release, Math.min(Table.NEVER, done[table.before[j][i]] + table.cooling[j][i]));
        }
        if (table.work[j] == 0 || release >= Table.NEVER) {
            handsBegin[j] = release;
            handsEnd[j] = release;
        } else if (table.makers == 0) {
            handsBegin[j] = table.hands.begin(release, table.work[j]);
            handsEnd[j] = handsBegin[j] < Table.NEVER ? table.hands.end(handsBegin[j], table.work[j]) : Table.NEVER;
        } else {
            take(j, release);
        }
    }

    /** The maker and the gap in which the task is done first. */
    private void take(int j, int release) {
        int bestEnd = Table.NEVER;
        int bestBegin = Table.NEVER;
        int bestMaker = -1;
        int bestGap = 0;
        for (int m = 0; m < table.makers; m++) {
            for (int g = firstGap(m, release); g <= busy[m]; g++) {
                int from = Math.max(release, g == 0 ? 0 : busyTo[m][g - 1]);
                int to = g == busy[m] ? Table.NEVER : busyFrom[m][g];
                if (to < from + table.work[j]) {
                    continue;
                }
                int begin = table.hands.begin(from, table.work[j]);
                if (begin >= Table.NEVER) {
                    break;
                }
                int end = table.hands.end(begin, table.work[j]);
                if (end <= to) {
                    if (end < bestEnd) {
                        bestEnd = end;
                        bestBegin = begin;
                        bestMaker = m;
                        bestGap = g;
                    }
                    break;
                }
            }
            if (busy[m] == 0) {
                break;
            }
        }
        handsBegin[j] = bestBegin;
        handsEnd[j] = bestEnd;
        if (bestMaker >= 0) {
            int n = busy[bestMaker]++;
            System.arraycopy(busyFrom[bestMaker], bestGap, busyFrom[bestMaker], bestGap + 1, n - bestGap);
            System.arraycopy(busyTo[bestMaker], bestGap, busyTo[bestMaker], bestGap + 1, n - bestGap);
            busyFrom[bestMaker][bestGap] = bestBegin;
            busyTo[bestMaker][bestGap] = bestEnd;
        }
    }

    /** The first gap of a maker that ends after {@code release}. */
    private int firstGap(int m, int release) {
        int at = Arrays.binarySearch(busyFrom[m], 0, busy[m], release);
        return at >= 0 ? at : -at - 1;
    }

    private int bake(Slot slot, int p) {
        int o = slot.oven;
        int base = ovenFree[o];
        for (int j : slot.bakes) {
            base = Math.max(base, handsEnd[j] >= Table.NEVER ? Table.NEVER : handsEnd[j] - table.lead(o));
        }
        if (slot.at != Slot.ANY_TIME) {
            base = Math.max(base, slot.at - table.lead(o));
        }
        int whole = table.preheat[o] + slot.bakingTime + table.unload[o];
        int begin = base >= Table.NEVER ? Table.NEVER : table.ovenHours[o].begin(base, whole);
        heat[p] = begin;
        int end = begin >= Table.NEVER ? Table.NEVER : begin + whole;
        if (end < Table.NEVER) {
            ovenFree[o] = end;
        }
        for (int j : slot.bakes) {
            done[j] = Math.max(done[j], end);
        }
        return end;
    }

    private Outcome outcome(int loads, long slip, int finish, double kwh) {
        int left = 0;
        long late = 0;
        for (int j = 0; j < table.bakes; j++) {
            if (done[j] >= Table.NEVER) {
                left++;
            } else if (table.due[j] < Table.NEVER) {
                late += Math.max(0, done[j] - table.due[j]);
            }
        }
        return Outcome.of(table.order, left, slip, late, loads, kwh, finish);
    }
}
