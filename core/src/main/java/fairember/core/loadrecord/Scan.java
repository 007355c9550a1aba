package fairember.core.loadrecord;

import java.util.List;

/** One walk through the readings of a load, from when it went in: what counts, and what is so now and was so before. */
final class Scan {
    /** A thermostat swings so far over its setting without harm. */
    static final double SWING_C = 5;

    /** The very same reading so often and for so long: it is stuck; a real one flickers. */
    static final double STUCK_S = 180;

    private static final int STUCK_READINGS = 10;

    /** How slowly the skin of a piece follows the air: a thermostat's peaks are over before it does. */
    private static final double SKIN_S = 120;

    private static final double ROOM_C = 20;
    static final double BURNS_C = 180;

    /** An alarm ends only so far on the good side of its limit, so that it does not come and go around it. */
    private static final double BURNS_BACK_C = 5;

    private static final double BACK_C = 2;

    private final Wanted wanted;
    private final Pace pace;

    double insideMin;
    double warmMin;
    double seenMin;
    double unreadMin;
    double flatMin;
    double flatC = Double.NaN;
    double hottest = Double.NEGATIVE_INFINITY;
    double hottestSkin = Double.NEGATIVE_INFINITY;
    double skin = ROOM_C;
    boolean burns;
    boolean over;
    boolean been;

    /** Since when it is too cool, after it was hot enough; not a number while it is not. */
    double belowSince = Double.NaN;

    /** Since when the very same is read. */
    double sameSince = Double.NaN;

    private int same;
    private double heat;
    private double heated;

    Scan(Wanted wanted, Pace pace) {
        this.wanted = wanted;
        this.pace = pace;
    }

    void walk(List<Reading> readings, double nowS) {
        Reading before = null;
        for (Reading reading : readings) {
            if (reading.atS() < 0 || reading.atS() > nowS) {
                continue;
            }
            double gap = before == null ? reading.atS() : reading.atS() - before.atS();
            flat(before, reading);
            skin += (reading.c() - skin) * (1 - Math.exp(-Math.min(gap, pace.countsS()) / SKIN_S));
            hottest = Math.max(hottest, reading.c());
            hottestSkin = Math.max(hottestSkin, skin);
            if (gap > pace.lostS()) {
                unreadMin += gap / 60;
            } else if (before != null) {
                count(before, reading, gap);
            }
            states(reading);
            before = reading;
        }
    }

    /** Minutes between two readings: those count in which neither is too cool, and a flat line counts for nothing. */
    private void count(Reading before, Reading reading, double gap) {
        double minutes = Math.min(gap, pace.countsS()) / 60;
        seenMin += minutes;
        heat += been ? minutes * reading.c() : 0;
        heated += been ? minutes : 0;
        if (isStuck(reading.atS())) {
            // The minutes before it was known to be stuck were no better.
            double back = same == STUCK_READINGS || flatMin == 0 ? (reading.atS() - sameSince) / 60 : minutes;
            flatMin += back;
            flatC = reading.c();
            boolean warm = isWarm(reading);
            warmMin -= warm ? Math.min(warmMin, back - minutes) : 0;
            insideMin -= warm && isCool(reading) ? Math.min(insideMin, back - minutes) : 0;
            return;
        }
        warmMin += isWarm(before) && isWarm(reading) ? minutes : isWarm(reading) ? minutes / 2 : 0;
        boolean within = isWarm(reading) && isCool(reading);
        insideMin += within && isWarm(before) && isCool(before) ? minutes : within ? minutes / 2 : 0;
    }

    private boolean isWarm(Reading reading) {
        return reading.c() >= wanted.lowC() - SWING_C;
    }

    private boolean isCool(Reading reading) {
        return reading.c() <= wanted.highC() + SWING_C;
    }

    private void flat(@org.jspecify.annotations.Nullable Reading before, Reading reading) {
        boolean again = before != null && Math.abs(before.c() - reading.c()) < 1e-9;
        same = again ? same + 1 : 1;
        sameSince = again ? sameSince : reading.atS();
    }

    boolean isStuck(double atS) {
        return same >= STUCK_READINGS && atS - sameSince > STUCK_S;
    }

    private void states(Reading reading) {
        burns = reading.c() >= (burns ? BURNS_C - BURNS_BACK_C : BURNS_C);
        over = skin > wanted.highC() + (over ? SWING_C - BACK_C : SWING_C);
        been |= isWarm(reading) && isCool(reading);
        boolean below = reading.c() < wanted.lowC() - SWING_C + (Double.isNaN(belowSince) ? 0 : BACK_C);
        boolean cool = been && below;
        belowSince = cool ? Double.isNaN(belowSince) ? reading.atS() : belowSince : Double.NaN;
    }

    double meanC() {
        return heated > 0 ? heat / heated : Double.NaN;
    }
}
