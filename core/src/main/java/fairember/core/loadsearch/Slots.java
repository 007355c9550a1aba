package fairember.core.loadsearch;

import fairember.core.ovenload.Bake;
import fairember.core.ovenload.Oven;
import fairember.core.ovenload.Place;
import fairember.core.ovenload.TrayPacking;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** Makes loads, and only such as may be: all their bakes suit each other and truly fit on the trays. */
final class Slots {
    private static final int MOST_REMEMBERED = 200_000;

    private final Table table;
    private final Map<Content, Boolean> known = new HashMap<>();
    private final int[] capacity;

    /** Bakes and counts of a load in an oven. */
    private static final class Content {
        private final int oven;
        private final int[] bakes;
        private final int[] counts;

        Content(int oven, int[] bakes, int[] counts) {
            this.oven = oven;
            this.bakes = bakes;
            this.counts = counts;
        }

        @Override
        public boolean equals(@Nullable Object other) {
            return other instanceof Content c
                    && oven == c.oven
                    && Arrays.equals(bakes, c.bakes)
                    && Arrays.equals(counts, c.counts);
        }

        @Override
        public int hashCode() {
            return (Arrays.hashCode(bakes) * 31 + Arrays.hashCode(counts)) * 31 + oven;
        }
    }

    Slots(Table table) {
        this.table = table;
        this.capacity = new int[table.bakes];
        Arrays.fill(capacity, -1);
    }

    /** A load of one bake; null when it may not be. */
    @Nullable
    Slot of(int oven, int bake, int count) {
        return make(oven, new int[] {bake}, new int[] {count}, false, Slot.ANY_TIME);
    }

    /** The load with a number of more of a bake; null when that may not be. */
    @Nullable
    Slot with(Slot slot, int bake, int count) {
        int[] bakes = slot.bakes;
        int at = Arrays.binarySearch(bakes, bake);
        if (at >= 0) {
            int[] counts = slot.counts.clone();
            counts[at] += count;
            return make(slot.oven, bakes, counts, slot.pinned, slot.at);
        }
        int into = -at - 1;
        int[] more = new int[bakes.length + 1];
        int[] counts = new int[bakes.length + 1];
        for (int i = 0; i < more.length; i++) {
            more[i] = i < into ? bakes[i] : i == into ? bake : bakes[i - 1];
            counts[i] = i < into ? slot.counts[i] : i == into ? count : slot.counts[i - 1];
        }
        for (int other : bakes) {
            if (table.clash[bake][other]) {
                return null;
            }
        }
        return make(slot.oven, more, counts, slot.pinned, slot.at);
    }

    /** The load without a number of a bake; null when too few or none would be left. */
    @Nullable
    Slot without(Slot slot, int bake, int count) {
        int left = slot.countOf(bake) - count;
        if (left > 0 && left < table.least[bake]) {
            return null;
        }
        int kinds = slot.bakes.length - (left > 0 ? 0 : 1);
        if (kinds == 0) {
            return null;
        }
        int[] bakes = new int[kinds];
        int[] counts = new int[kinds];
        int n = 0;
        for (int i = 0; i < slot.bakes.length; i++) {
            boolean same = slot.bakes[i] == bake;
            if (!same || left > 0) {
                bakes[n] = slot.bakes[i];
                counts[n++] = same ? left : slot.counts[i];
            }
        }
        // What fitted still fits with less, but a packer by rule may not see it: it is asked.
        return make(slot.oven, bakes, counts, slot.pinned, slot.at);
    }

    /** The same content in another oven; null when it may not be. */
    @Nullable
    Slot in(int oven, Slot slot) {
        return make(oven, slot.bakes, slot.counts, slot.pinned, slot.at);
    }

    /** A load of these; null when it may not be. The bakes stand in rising order. */
    @Nullable
    Slot make(int oven, int[] bakes, int[] counts, boolean pinned, int at) {
        int bakingTime = 0;
        int cap = Table.NEVER;
        double area = 0;
        for (int i = 0; i < bakes.length; i++) {
            int j = bakes[i];
            if (!table.fitsOven[oven][j] || counts[i] < table.least[j]) {
                return null;
            }
            for (int k = 0; k < i; k++) {
                if (table.clash[j][bakes[k]]) {
                    return null;
                }
            }
            bakingTime = Math.max(bakingTime, table.need[j]);
            cap = Math.min(cap, table.most[j]);
            area += counts[i] * table.area[oven][j];
        }
        boolean time = table.preheat[oven] + bakingTime + table.unload[oven] <= table.ovenHours[oven].longest();
        if (bakingTime > cap || !time || area > table.ovenArea[oven] * (1 + 1e-9) || !fits(oven, bakes, counts)) {
            return null;
        }
        Oven of = table.problem.ovens().get(oven).oven();
        double kwh = of.preheatEnergy().kwh() + of.keepHotKw() * table.minutes(bakingTime) / 60;
        return new Slot(oven, bakes, counts, bakingTime, kwh, pinned, at);
    }

    /** Whether the packer lays these, whatever else keeps them from sharing a load; counts may be 0. */
    boolean fitsAll(int oven, int[] bakes, int[] counts) {
        return lay(oven, bakes, counts).isPresent();
    }

    /** Some bakes and counts of a load. */
    record Part(List<Integer> of, List<Integer> many) {
        int[] bakes() {
            return of.stream().mapToInt(j -> j).toArray();
        }

        int[] counts() {
            return many.stream().mapToInt(c -> c).toArray();
        }
    }

    /** A small part of a load that cannot be laid which cannot be laid either. */
    Part tooMuch(int oven, int[] bakes, int[] counts) {
        int[] now = counts.clone();
        List<Integer> of = new ArrayList<>();
        List<Integer> many = new ArrayList<>();
        for (int i = 0; i < bakes.length; i++) {
            int low = 0;
            int high = now[i];
            while (low < high) {
                now[i] = (low + high) / 2;
                if (fitsAll(oven, bakes, now)) {
                    low = now[i] + 1;
                } else {
                    high = now[i];
                }
            }
            now[i] = low;
        }
        for (int i = 0; i < bakes.length; i++) {
            if (now[i] > 0) {
                of.add(bakes[i]);
                many.add(now[i]);
            }
        }
        return new Part(of, many);
    }

    private boolean fits(int oven, int[] bakes, int[] counts) {
        if (known.size() > MOST_REMEMBERED) {
            known.clear();
        }
        return known.computeIfAbsent(
                new Content(oven, bakes, counts), c -> lay(oven, bakes, counts).isPresent());
    }

    /** The places of such a load. */
    Optional<List<Place>> lay(int oven, int[] bakes, int[] counts) {
        List<TrayPacking.Lot> lots = new ArrayList<>();
        for (int i = 0; i < bakes.length; i++) {
            Bake bake = table.planned.get(bakes[i]);
            lots.add(new TrayPacking.Lot(bake.key(), counts[i], bake.unit(), bake.turns()));
        }
        return table.packing[oven].lay(lots);
    }

    /** The most of a bake that a load takes as well what it holds, up to {@code wanted}; 0 when none. */
    int most(Slot slot, int bake, int wanted) {
        int missing = table.least[bake] - slot.countOf(bake);
        int most = Splitting.most(wanted, n -> n < missing || with(slot, bake, n) != null);
        return most > 0 && with(slot, bake, most) != null ? most : 0;
    }

    /** The most of a bake that an empty oven takes, up to {@code wanted}; 0 when none. */
    int most(int oven, int bake, int wanted) {
        int most = Splitting.most(wanted, n -> n < table.least[bake] || of(oven, bake, n) != null);
        return most > 0 && of(oven, bake, most) != null ? most : 0;
    }

    /** Whether what is left of a bake can still be parted into loads of its own. */
    boolean parts(int bake, int left) {
        return Splitting.may(left, table.least[bake], capacity(bake));
    }

    /** The most of those that fit such that what is left over is none, or can be parted into loads of its own. */
    int leaving(int bake, int left, int fits, int there) {
        for (int taken = fits; taken > 0 && taken + there >= table.least[bake]; taken--) {
            if (parts(bake, left - taken)) {
                return taken;
            }
        }
        return 0;
    }

    private int capacity(int bake) {
        if (capacity[bake] < 0) {
            capacity[bake] = 0;
            for (int o = 0; o < table.ovens; o++) {
                int most = table.fitsOven[o][bake] ? most(o, bake, table.count[bake]) : 0;
                capacity[bake] = Math.max(capacity[bake], most);
            }
        }
        return capacity[bake];
    }
}
