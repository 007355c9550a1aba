package fairember.core.loadsearch;

import java.util.SplittableRandom;
import org.jspecify.annotations.Nullable;

/** Small changes of a draft, by chance. None touches what is in a pinned load. */
final class Moves {
    private static final int MOST_AHEAD = 4;

    private final Table table;
    private final Slots slots;
    private final Timetable order;
    private final SplittableRandom random;
    private Draft draft;

    Moves(Table table, Slots slots, SplittableRandom random) {
        this.table = table;
        this.slots = slots;
        this.order = new Timetable(table);
        this.random = random;
        this.draft = new Draft(new Slot[0], new int[0], new int[0]);
    }

    /** Begins from this draft. */
    void from(Draft next) {
        draft = next;
        order.inOrder(next);
    }

    /** A neighbour of the draft; null when the change drawn may not be. */
    @Nullable
    Draft draw() {
        int drawn = random.nextInt(100);
        if (drawn < 34) {
            return relocate();
        }
        if (drawn < 46) {
            return alone();
        }
        if (drawn < 64) {
            return exchange();
        }
        if (drawn < 78) {
            return shift();
        }
        if (drawn < 86) {
            return merge();
        }
        if (drawn < 91) {
            return share();
        }
        return drawn < 96 && table.ovens > 1 ? otherOven() : ahead();
    }

    private int load() {
        return random.nextInt(draft.loads.length);
    }

    private int item(Slot slot) {
        return random.nextInt(slot.bakes.length);
    }

    /** A load in which a bake may stand by what waits for what, or −1. */
    private int allowed(int bake) {
        int from = 0;
        int to = draft.loads.length - 1;
        for (int b : table.before[bake]) {
            from = Math.max(from, order.last(b) + 1);
        }
        for (int other = 0; other < table.bakes; other++) {
            for (int b : table.before[other]) {
                if (b == bake) {
                    to = Math.min(to, order.first(other) - 1);
                }
            }
        }
        return to < from ? -1 : from + random.nextInt(to - from + 1);
    }

    /** All or some of a bake from one load into another. */
    private @Nullable Draft relocate() {
        int a = load();
        Slot source = draft.loads[a];
        int i = item(source);
        int j = source.bakes[i];
        int b = allowed(j);
        if (b < 0 || b == a || source.pinned || draft.loads[b].pinned) {
            return null;
        }
        Slot grown = slots.with(draft.loads[b], j, source.counts[i]);
        int moved = source.counts[i];
        if (grown == null && source.counts[i] > 1 && random.nextInt(3) == 0) {
            moved = slots.most(draft.loads[b], j, source.counts[i] - 1);
            int left = source.counts[i] - moved;
            if (left < table.least[j]) {
                moved = source.counts[i] - table.least[j];
            }
            grown = moved > 0 ? slots.with(draft.loads[b], j, moved) : null;
        }
        return grown == null ? null : lessened(draft.with(b, grown), a, j, moved);
    }

    /** The draft with a number of fewer of a bake in a load, which goes when it is empty. */
    private @Nullable Draft lessened(Draft of, int at, int bake, int count) {
        Slot slot = of.loads[at];
        if (slot.bakes.length == 1 && slot.counts[0] == count) {
            return of.removed(at);
        }
        Slot less = slots.without(slot, bake, count);
        return less == null ? null : of.with(at, less);
    }

    /** A bake of a load into a load of its own. */
    private @Nullable Draft alone() {
        int a = load();
        Slot source = draft.loads[a];
        int i = item(source);
        int j = source.bakes[i];
        int to = allowed(j);
        if (source.pinned || to < 0) {
            return null;
        }
        Slot own = slots.of(random.nextInt(table.ovens), j, source.counts[i]);
        Draft less = own == null ? null : lessened(draft, a, j, source.counts[i]);
        if (own == null || less == null) {
            return null;
        }
        boolean gone = less.loads.length < draft.loads.length;
        int at = gone && to > a ? to - 1 : to + (!gone && random.nextBoolean() ? 1 : 0);
        return less.inserted(Math.min(at, less.loads.length), own);
    }

    /** A bake of one load for a bake of another. */
    private @Nullable Draft exchange() {
        int a = load();
        int b = load();
        Slot one = draft.loads[a];
        Slot other = draft.loads[b];
        if (a == b || one.pinned || other.pinned) {
            return null;
        }
        int i = item(one);
        int k = item(other);
        int j = one.bakes[i];
        int l = other.bakes[k];
        if (j == l) {
            return null;
        }
        Slot first = replaced(one, j, one.counts[i], l, other.counts[k]);
        Slot second = first == null ? null : replaced(other, l, other.counts[k], j, one.counts[i]);
        return first == null || second == null ? null : draft.with(a, first).with(b, second);
    }

    private @Nullable Slot replaced(Slot slot, int out, int countOut, int in, int countIn) {
        if (slot.bakes.length == 1) {
            return slots.of(slot.oven, in, countIn);
        }
        Slot less = slots.without(slot, out, countOut);
        return less == null ? null : slots.with(less, in, countIn);
    }

    private @Nullable Draft shift() {
        int a = load();
        int reach = random.nextInt(3) == 0 ? draft.loads.length : 3;
        int b = a + random.nextInt(2 * reach + 1) - reach;
        return b < 0 || b >= draft.loads.length || a == b ? null : draft.shifted(a, b);
    }

    /** One load into another. */
    private @Nullable Draft merge() {
        int a = load();
        int b = load();
        Slot source = draft.loads[a];
        Slot grown = draft.loads[b];
        if (a == b || source.pinned || grown.pinned) {
            return null;
        }
        for (int i = 0; i < source.bakes.length && grown != null; i++) {
            grown = slots.with(grown, source.bakes[i], source.counts[i]);
        }
        return grown == null ? null : draft.with(b, grown).removed(a);
    }

    /** Part of a bake into another load. */
    private @Nullable Draft share() {
        int a = load();
        Slot source = draft.loads[a];
        int i = item(source);
        int j = source.bakes[i];
        int b = allowed(j);
        if (source.counts[i] < 2 || b < 0 || b == a || source.pinned || draft.loads[b].pinned) {
            return null;
        }
        int moved = 1 + random.nextInt(source.counts[i] - 1);
        Slot grown = slots.with(draft.loads[b], j, moved);
        return grown == null ? null : lessened(draft.with(b, grown), a, j, moved);
    }

    private @Nullable Draft otherOven() {
        int a = load();
        Slot slot = draft.loads[a];
        Slot moved = slot.pinned ? null : slots.in(random.nextInt(table.ovens), slot);
        return moved == null ? null : draft.with(a, moved);
    }

    private Draft ahead() {
        int j = random.nextInt(table.bakes);
        return draft.begun(j, random.nextInt(2) == 0 ? 0 : random.nextInt(MOST_AHEAD + 1));
    }
}
