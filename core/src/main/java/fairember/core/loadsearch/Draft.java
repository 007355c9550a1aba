package fairember.core.loadsearch;

import java.util.Arrays;

/**
 * A plan without times: loads in the order they go in, and how many loads ahead the hands begin each bake. Of tasks begun at
 * one load those of lower rank come first, then those that feed an earlier load.
 */
final class Draft {
    final Slot[] loads;
    final int[] ahead;
    final int[] rank;

    Draft(Slot[] loads, int[] ahead, int[] rank) {
        this.loads = loads;
        this.ahead = ahead;
        this.rank = rank;
    }

    /** The same with other loads. */
    Draft of(Slot... other) {
        return new Draft(other, ahead, rank);
    }

    /** With one load replaced. */
    Draft with(int at, Slot slot) {
        Slot[] next = loads.clone();
        next[at] = slot;
        return of(next);
    }

    /** With one load put in before what stands at {@code at}. */
    Draft inserted(int at, Slot slot) {
        Slot[] next = new Slot[loads.length + 1];
        System.arraycopy(loads, 0, next, 0, at);
        next[at] = slot;
        System.arraycopy(loads, at, next, at + 1, loads.length - at);
        return of(next);
    }

    /** With one load taken out. */
    Draft removed(int at) {
        Slot[] next = new Slot[loads.length - 1];
        System.arraycopy(loads, 0, next, 0, at);
        System.arraycopy(loads, at + 1, next, at, next.length - at);
        return of(next);
    }

    /** With one load moved so that it stands at {@code to}. */
    Draft shifted(int from, int to) {
        Slot[] next = loads.clone();
        Slot moved = next[from];
        if (from < to) {
            System.arraycopy(loads, from + 1, next, from, to - from);
        } else {
            System.arraycopy(loads, to, next, to + 1, from - to);
        }
        next[to] = moved;
        return of(next);
    }

    /** With the hands begun a number of loads ahead for one bake. */
    Draft begun(int bake, int loadsAhead) {
        int[] next = Arrays.copyOf(ahead, ahead.length);
        next[bake] = loadsAhead;
        return new Draft(loads, next, rank);
    }
}
