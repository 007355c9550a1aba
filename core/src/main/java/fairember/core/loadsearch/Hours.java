package fairember.core.loadsearch;

import java.util.ArrayList;
import java.util.List;

/** Stretches of ticks in which something may be done; with none given it may always be done. */
final class Hours {
    private final int[][] open;
    private final boolean breaks;
    private final int longest;

    /**
     * Stretches in order; those that touch or overlap are one.
     *
     * @param breaks whether what is begun in one stretch may go on in the next
     */
    Hours(int[][] stretches, boolean breaks) {
        this.breaks = breaks;
        List<int[]> joined = new ArrayList<>();
        for (int[] s : stretches) {
            if (!joined.isEmpty() && joined.get(joined.size() - 1)[1] >= s[0]) {
                int[] last = joined.get(joined.size() - 1);
                last[1] = Math.max(last[1], s[1]);
            } else {
                joined.add(s.clone());
            }
        }
        this.open = joined.isEmpty() ? new int[][] {{0, Table.NEVER}} : joined.toArray(int[][]::new);
        int most = 0;
        long sum = 0;
        for (int[] s : open) {
            most = Math.max(most, s[1] - s[0]);
            sum += s[1] - s[0];
        }
        this.longest = breaks ? (int) Math.min(Table.NEVER, sum) : most;
    }

    boolean breaks() {
        return breaks;
    }

    int[][] open() {
        return open;
    }

    /** The most that can be done without a stop, or with the stops that are allowed. */
    int longest() {
        return longest;
    }

    /** The first moment not before {@code at} from which so much can be done; never when there is none. */
    int begin(int at, int amount) {
        for (int i = 0; i < open.length; i++) {
            int from = Math.max(at, open[i][0]);
            if (from >= open[i][1] && !(amount == 0 && from == open[i][1])) {
                continue;
            }
            if (breaks ? end(from, amount) < Table.NEVER : from + amount <= open[i][1]) {
                return from;
            }
        }
        return Table.NEVER;
    }

    /** When so much is done that was begun at {@code begin}, a moment that {@link #begin} gave. */
    int end(int begin, int amount) {
        if (!breaks) {
            return begin + amount;
        }
        int left = amount;
        for (int[] s : open) {
            int from = Math.max(begin, s[0]);
            if (from < s[1]) {
                if (left <= s[1] - from) {
                    return from + left;
                }
                left -= s[1] - from;
            }
        }
        return left == 0 ? begin : Table.NEVER;
    }
}
