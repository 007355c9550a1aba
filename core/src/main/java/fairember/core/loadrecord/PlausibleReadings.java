package fairember.core.loadrecord;

import java.util.ArrayList;
import java.util.List;

/**
 * The readings that can be believed. Air does not jump by 30 °C and back within one reading: a reading that far from the one before
 * counts only when the next one bears it out.
 *
 * @param readings in the order of time
 * @param absurd how many are left out for good; the newest may still be borne out
 */
record PlausibleReadings(List<Reading> readings, int absurd) {
    private static final double JUMP_C = 30;

    static PlausibleReadings of(List<Reading> all) {
        List<Reading> plausible = new ArrayList<>();
        int absurd = 0;
        Reading last = null;
        for (int i = 0; i < all.size(); i++) {
            Reading reading = all.get(i);
            boolean near = last == null || Math.abs(reading.c() - last.c()) <= JUMP_C;
            boolean borneOut = i + 1 < all.size() && Math.abs(all.get(i + 1).c() - reading.c()) <= JUMP_C;
            if (near || borneOut) {
                plausible.add(reading);
                last = reading;
            } else if (i + 1 < all.size()) {
                absurd++;
            }
        }
        return new PlausibleReadings(plausible, absurd);
    }
}
