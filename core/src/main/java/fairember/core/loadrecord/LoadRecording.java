package fairember.core.loadrecord;

import fairember.core.finding.Finding;
import fairember.core.measure.Figures;
import java.util.ArrayList;
import java.util.List;

/** Reads the record of a load out of what a probe read, and raises alarms. */
public final class LoadRecording {
    /** Points of a curve that can be told apart on a screen. */
    public static final int MOST_POINTS = 600;

    /** No reading for so long: the probe is lost. */
    static final double LOST_S = 45;

    /** The very same reading for so long: it is stuck; a real one flickers. */
    static final double STUCK_S = 180;

    /** Under its window for so long after having been inside: too cool. */
    static final double COOL_S = 240;

    /** A thermostat swings so far over its setting without harm. */
    static final double SWING_C = 5;

    /** How slowly the skin of a piece follows the air: a thermostat's peaks are over before it does. */
    private static final double SKIN_S = 120;

    /** So little before its minutes are full they count as done. */
    private static final double DONE_MIN = 0.5;

    /** A load that got less than this of its hold may be under-cured; the first minutes always go to the open door. */
    private static final double SHORT = 0.75;

    /** Of a hold, so much must have been read to go by the probe. */
    private static final double SEEN = 0.8;

    private static final double BROWNS_C = 165;
    private static final double BURNS_C = 180;
    private static final double STILL_COLD_S = 1500;

    private LoadRecording() {}

    /**
     * The record.
     *
     * @param readings in the order of time; those before it went in are shown but not counted
     * @param nowS seconds since it went in; for a load that is out, when it came out
     * @param isIn whether it is in now, so that a lost probe matters
     */
    public static LoadRecord of(List<Reading> readings, Wanted wanted, double nowS, boolean isIn) {
        double inside = 0;
        double warm = 0;
        double seen = 0;
        double hottest = Double.NEGATIVE_INFINITY;
        double skin = Double.NaN;
        double hottestSkin = Double.NEGATIVE_INFINITY;
        double heat = 0;
        double heated = 0;
        boolean been = false;
        double belowSince = Double.NaN;
        double sameSince = Double.NaN;
        Reading before = null;
        for (Reading reading : readings) {
            boolean counts = reading.atS() >= 0 && reading.atS() <= nowS;
            hottest = counts ? Math.max(hottest, reading.c()) : hottest;
            double passed = before == null ? SKIN_S : Math.min(reading.atS() - before.atS(), LOST_S);
            skin = Double.isNaN(skin) ? reading.c() : skin + (reading.c() - skin) * (1 - Math.exp(-passed / SKIN_S));
            hottestSkin = counts ? Math.max(hottestSkin, skin) : hottestSkin;
            boolean within = reading.c() >= wanted.lowC() - SWING_C && reading.c() <= wanted.highC() + SWING_C;
            if (before != null && counts && before.atS() >= 0) {
                double gap = Math.min(reading.atS() - before.atS(), LOST_S);
                inside += within ? gap / 60 : 0;
                warm += reading.c() >= wanted.lowC() - SWING_C ? gap / 60 : 0;
                seen += gap / 60;
                heat += been ? gap * reading.c() : 0;
                heated += been ? gap : 0;
            }
            been |= within && counts;
            boolean cool = been && reading.c() < wanted.lowC() - SWING_C;
            belowSince = cool ? Double.isNaN(belowSince) ? reading.atS() : belowSince : Double.NaN;
            boolean same = before != null && Math.abs(before.c() - reading.c()) < 1e-9;
            sameSince = same ? sameSince : reading.atS();
            before = reading;
        }
        double lastAt = before == null ? Double.NaN : before.atS();
        double last = before == null ? Double.NaN : before.c();
        List<Finding> alarms = new ArrayList<>();
        tooHot(alarms, isIn ? last : hottest, isIn ? skin : hottestSkin, hottestSkin, wanted, isIn);
        if (seen >= SEEN * wanted.holdMin()) {
            held(alarms, warm, nowS, wanted, isIn);
        } else if (isIn) {
            byTheClock(alarms, nowS, wanted);
        }
        if (isIn) {
            lost(alarms, lastAt, nowS);
            stuck(alarms, lastAt - sameSince, last);
            tooCool(alarms, been, lastAt - belowSince, nowS, last, wanted);
        }
        return new LoadRecord(
                thinned(readings),
                warm,
                inside,
                Double.isInfinite(hottest) ? Double.NaN : hottest,
                heated > 0 ? heat / heated : Double.NaN,
                last,
                lastAt,
                alarms);
    }

    private static void tooHot(
            List<Finding> alarms, double nowC, double keptC, double hottest, Wanted wanted, boolean isIn) {
        if (nowC >= BURNS_C) {
            alarms.add(
                    Finding.breaks(
                            "burning",
                            "%s: clay burns near here and gives off irritant fumes.".formatted(show(nowC)),
                            "Off, door shut until it is cooler, windows open, leave the room. Follow the packet and the safety sheet."));
        } else if (keptC > wanted.highC() + SWING_C) {
            alarms.add(Finding.breaks(
                    "over-ceiling",
                    "About %s for minutes, over the %s its pieces take%s."
                            .formatted(
                                    show(keptC),
                                    show(wanted.highC()),
                                    nowC > BROWNS_C ? "; clay may darken and blister" : ""),
                    isIn
                            ? "Turn the dial down or switch it off; if it smokes: off, air, out."
                            : "Look for browning; log what you find, and check the dial with a thermometer."));
        } else if (isIn && hottest > wanted.highC() + SWING_C) {
            alarms.add(Finding.warns(
                    "was-over",
                    "It was at about %s for minutes, over the %s its pieces take."
                            .formatted(show(hottest), show(wanted.highC())),
                    "Look for browning when it is out."));
        }
    }

    /**
     * Whether its minutes are done, still missing, or more than its pieces take.
     *
     * @param warm minutes that were not too cool
     */
    private static void held(List<Finding> alarms, double warm, double nowS, Wanted wanted, boolean isIn) {
        if (warm > wanted.mostMin()) {
            String says =
                    "At heat for %s; its pieces take %s at most.".formatted(minutes(warm), minutes(wanted.mostMin()));
            alarms.add(
                    isIn
                            ? Finding.breaks("held-long", says, "Take it out now; look for browning.")
                            : Finding.warns("held-long", says, "Look for browning and brittle thin places."));
        } else if (isIn && warm >= wanted.holdMin() - DONE_MIN) {
            alarms.add(Finding.keeps(
                    "hold-done",
                    "Its %s at heat are done: take it out, with gloves.".formatted(minutes(wanted.holdMin()))));
        } else if (isIn && warm > 0 && nowS >= 60 * wanted.holdMin()) {
            alarms.add(Finding.warns(
                    "hold-short",
                    "Time is up, but it was at heat for only %s of %s."
                            .formatted(minutes(warm), minutes(wanted.holdMin())),
                    "Leave it in for %s more.".formatted(minutes(Math.ceil(wanted.holdMin() - warm)))));
        } else if (!isIn && warm > 0 && warm < SHORT * wanted.holdMin()) {
            alarms.add(Finding.warns(
                    "hold-short",
                    "It was at heat for only %s of %s.".formatted(minutes(warm), minutes(wanted.holdMin())),
                    "Try one piece; bake the load again by the packet if it is brittle or chalky."));
        }
    }

    /** Where the probe saw too little of the hold only the clock is known. */
    private static void byTheClock(List<Finding> alarms, double nowS, Wanted wanted) {
        if (nowS > 60 * wanted.mostMin()) {
            alarms.add(Finding.breaks(
                    "held-long",
                    "In for %s; its pieces take %s at most.".formatted(minutes(nowS / 60), minutes(wanted.mostMin())),
                    "Take it out now; look for browning."));
        } else if (nowS >= 60 * wanted.holdMin()) {
            alarms.add(Finding.keeps(
                    "hold-done",
                    "Its %s are over by the clock: take it out, with gloves.".formatted(minutes(wanted.holdMin()))));
        }
    }

    private static String minutes(double min) {
        return Figures.show(Math.rint(min), "min");
    }

    private static void lost(List<Finding> alarms, double lastAt, double nowS) {
        if (!Double.isNaN(lastAt) && nowS - lastAt > LOST_S) {
            alarms.add(
                    Finding.breaks(
                            "probe-lost",
                            "No reading for %s.".formatted(Figures.show(Math.rint((nowS - lastAt) / 6) / 10.0, "min")),
                            "Look at the probe and its lead, and at the oven's own thermometer; the minutes are not counted meanwhile."));
        }
    }

    private static void stuck(List<Finding> alarms, double forS, double last) {
        if (forS > STUCK_S) {
            alarms.add(Finding.warns(
                    "probe-stuck",
                    "The probe has read %s for %s without a flicker."
                            .formatted(show(last), Figures.show(Math.rint(forS / 60), "min")),
                    "Look at the probe; do not trust its minutes."));
        }
    }

    private static void tooCool(
            List<Finding> alarms, boolean been, double belowS, double nowS, double last, Wanted wanted) {
        if (belowS > COOL_S) {
            alarms.add(Finding.warns(
                    "under-window",
                    "%s is under the window, from %s, for %s."
                            .formatted(show(last), show(wanted.lowC()), Figures.show(Math.rint(belowS / 60), "min")),
                    "Shut the door, look at the dial; hold it longer by as much."));
        } else if (!been && nowS > STILL_COLD_S && !Double.isNaN(last)) {
            alarms.add(Finding.warns(
                    "still-cold",
                    "%s after %s in the oven.".formatted(show(last), Figures.show(Math.rint(nowS / 60), "min")),
                    "Is it on, and is the door shut?"));
        }
    }

    private static String show(double c) {
        return Figures.show(Math.rint(c), "°C");
    }

    /** The least and the greatest of each stretch, so that no peak is lost; all of them when they are few. */
    private static List<Reading> thinned(List<Reading> readings) {
        if (readings.size() <= MOST_POINTS) {
            return readings;
        }
        List<Reading> few = new ArrayList<>();
        int stretches = MOST_POINTS / 2;
        for (int s = 0; s < stretches; s++) {
            int from = (int) ((long) readings.size() * s / stretches);
            int to = (int) ((long) readings.size() * (s + 1) / stretches);
            Reading low = readings.get(from);
            Reading high = low;
            for (Reading r : readings.subList(from, to)) {
                low = r.c() < low.c() ? r : low;
                high = r.c() > high.c() ? r : high;
            }
            boolean lowFirst = low.atS() <= high.atS();
            few.add(lowFirst ? low : high);
            if (low.atS() != high.atS()) {
                few.add(lowFirst ? high : low);
            }
        }
        return few;
    }
}
