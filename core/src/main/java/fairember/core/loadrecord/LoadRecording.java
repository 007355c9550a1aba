package fairember.core.loadrecord;

import fairember.core.advice.Advice;
import fairember.core.input.Figures;
import java.util.ArrayList;
import java.util.List;

/** Reads the record of a load out of what a probe read, and raises alarms. */
public final class LoadRecording {
    /** Points of a curve that can be distinguished on a screen. */
    public static final int MOST_POINTS = 600;

    /** Under its window for so long after having been inside: too cool. */
    static final double COOL_S = 240;

    /** So little before its minutes are full they count as done. */
    private static final double DONE_MIN = 0.5;

    /** A load that got less than this of its baking time may be under-cured; the first minutes always go to the open door. */
    private static final double SHORT = 0.75;

    /** Of the baking time, so much must have been read to go by the probe. */
    private static final double SEEN = 0.8;

    private static final double BROWNS_C = 165;
    private static final double STILL_COLD_S = 1500;

    private LoadRecording() {}

    /**
     * The record.
     *
     * @param readings in the order of time; only those since it went in count
     * @param nowS seconds since it went in; for a load that is out, when it came out
     * @param isIn whether it is in now, so that a lost probe matters
     * @param lagS how far readings may be behind, because the studio's time goes faster than the wall's
     */
    public static LoadRecord of(List<Reading> readings, Wanted wanted, double nowS, boolean isIn, double lagS) {
        List<Reading> since = readings.stream().filter(r -> r.atS() >= 0).toList();
        PlausibleReadings plausible = PlausibleReadings.of(since);
        Pace pace = Pace.of(plausible.readings());
        Scan scan = new Scan(wanted, pace);
        scan.walk(plausible.readings(), nowS);
        int last = plausible.readings().size() - 1;
        double lastAt = last < 0 ? Double.NaN : plausible.readings().get(last).atS();
        double lastC = last < 0 ? Double.NaN : plausible.readings().get(last).c();
        double silent = nowS - lastAt;
        double unread = scan.unreadMin + (last >= 0 && silent > pace.lostS() + lagS ? silent / 60 : 0);
        List<Advice> alarms = new ArrayList<>();
        boolean hot = tooHot(alarms, scan, wanted, isIn, lastC);
        if (scan.seenMin - scan.flatMin >= SEEN * wanted.bakingMin()) {
            checkTime(alarms, scan.warmMin, nowS, wanted, isIn, hot);
        } else if (isIn && last < 0) {
            byTheClock(alarms, nowS, wanted);
        } else if (last >= 0) {
            littleSeen(alarms, scan, unread, nowS, wanted, isIn);
        }
        if (isIn && silent > pace.lostS() + lagS) {
            lost(alarms, silent);
        } else if (unread >= 1) {
            unread(alarms, unread);
        }
        stuck(alarms, scan, isIn && scan.isStuck(lastAt));
        if (isIn) {
            tooCool(alarms, scan, lastAt, nowS, lastC, wanted);
        }
        if (plausible.absurd() > 0) {
            alarms.add(Advice.tip(
                    "absurd",
                    "%d readings jumped by over 30 °C and back; they are not counted.".formatted(plausible.absurd())));
        }
        return new LoadRecord(
                thinned(plausible.readings()),
                scan.warmMin,
                scan.insideMin,
                Double.isInfinite(scan.hottest) ? Double.NaN : scan.hottest,
                scan.meanC(),
                lastC,
                lastAt,
                scan.seenMin - scan.flatMin,
                alarms);
    }

    /** Whether it is too hot now, or was for good when it is out. */
    private static boolean tooHot(List<Advice> alarms, Scan scan, Wanted wanted, boolean isIn, double lastC) {
        boolean burns = isIn ? scan.burns : scan.hottest >= Scan.BURNS_C;
        boolean over = isIn ? scan.over : scan.hottestSkin > wanted.highC() + Scan.SWING_C;
        double shown = isIn ? scan.skin : scan.hottestSkin;
        if (burns) {
            alarms.add(
                    Advice.stop(
                            "burning",
                            "%s: near this temperature clay burns and gives off irritant fumes."
                                    .formatted(show(isIn ? lastC : scan.hottest)),
                            "Switch the oven off, keep its door shut until it is cooler, open the windows and leave the room. Follow the packet and the safety sheet."));
        } else if (over) {
            alarms.add(Advice.stop(
                    "over-ceiling",
                    "About %s for some minutes, over the %s these pieces can take%s."
                            .formatted(
                                    show(shown),
                                    show(wanted.highC()),
                                    shown > BROWNS_C ? "; clay may darken and blister" : ""),
                    isIn
                            ? "Turn the dial down or switch the oven off. If it smokes, switch it off, open the windows and leave the room."
                            : "Look for browning, log what you find, and check the dial with a thermometer."));
        } else if (isIn && scan.hottestSkin > wanted.highC() + Scan.SWING_C) {
            alarms.add(Advice.caution(
                    "was-over",
                    "The oven was at about %s for some minutes, over the %s these pieces can take."
                            .formatted(show(scan.hottestSkin), show(wanted.highC())),
                    "Look for browning when the load is out."));
        }
        return burns || over;
    }

    /**
     * Whether its minutes are done, still missing, or more than its pieces take.
     *
     * @param warm minutes that were not too cool
     * @param hot whether it is too hot: then nobody is given to leave it in
     */
    private static void checkTime(
            List<Advice> alarms, double warm, double nowS, Wanted wanted, boolean isIn, boolean hot) {
        if (warm > wanted.mostMin()) {
            String message = "At temperature for %s; these pieces take %s at most."
                    .formatted(minutes(warm), minutes(wanted.mostMin()));
            alarms.add(
                    isIn
                            ? Advice.stop("held-long", message, "Take the load out now, and look for browning.")
                            : Advice.caution("held-long", message, "Look for browning and for brittle thin parts."));
        } else if (isIn && warm >= wanted.bakingMin() - DONE_MIN) {
            alarms.add(Advice.tip(
                    "hold-done",
                    "The %s at temperature are done. Take the load out now; wear gloves."
                            .formatted(minutes(wanted.bakingMin()))));
        } else if (warm < DONE_MIN && nowS >= 60 * wanted.bakingMin()) {
            neverHot(alarms, wanted, isIn);
        } else if (isIn && !hot && nowS >= 60 * wanted.bakingMin()) {
            alarms.add(Advice.caution(
                    "hold-short",
                    "Time is up, but the load was at temperature for only %s of %s."
                            .formatted(minutes(warm), minutes(wanted.bakingMin())),
                    "Leave the load in for %s more.".formatted(minutes(Math.ceil(wanted.bakingMin() - warm)))));
        } else if (!isIn && warm < SHORT * wanted.bakingMin()) {
            alarms.add(Advice.caution(
                    "hold-short",
                    "The load was at temperature for only %s of %s."
                            .formatted(minutes(warm), minutes(wanted.bakingMin())),
                    "Test one piece. If it is brittle or chalky, bake the load again by the packet."));
        }
    }

    private static void neverHot(List<Advice> alarms, Wanted wanted, boolean isIn) {
        alarms.add(Advice.stop(
                "never-hot",
                "The air never reached %s, so none of the %s count."
                        .formatted(show(wanted.lowC() - Scan.SWING_C), minutes(wanted.bakingMin())),
                isIn
                        ? "Check the dial and the door. The clay is not cured: bake it for the full time."
                        : "The clay is not cured. Bake the load again for the full time."));
    }

    /** Where the probe saw too little of the baking time, what it did see is said, and the clock for the rest. */
    private static void littleSeen(
            List<Advice> alarms, Scan scan, double unread, double nowS, Wanted wanted, boolean isIn) {
        if (nowS < 60 * wanted.bakingMin()) {
            return;
        }
        if (scan.warmMin < DONE_MIN && scan.flatMin == 0 && unread < 1) {
            neverHot(alarms, wanted, isIn);
        } else if (isIn && scan.flatMin == 0) {
            byTheClock(alarms, nowS, wanted);
        } else if (!isIn) {
            alarms.add(Advice.caution(
                    "hold-unknown",
                    "Of the %s needed, the probe saw only %s."
                            .formatted(minutes(wanted.bakingMin()), minutes(scan.seenMin - scan.flatMin)),
                    "Test one piece. If it is brittle or chalky, bake the load again by the packet."));
        }
    }

    /** Where there is no probe only the clock is known. */
    private static void byTheClock(List<Advice> alarms, double nowS, Wanted wanted) {
        if (nowS > 60 * wanted.mostMin()) {
            alarms.add(Advice.stop(
                    "held-long",
                    "In the oven for %s; these pieces take %s at most."
                            .formatted(minutes(nowS / 60), minutes(wanted.mostMin())),
                    "Take the load out now, and look for browning."));
        } else if (nowS >= 60 * wanted.bakingMin()) {
            alarms.add(Advice.tip(
                    "hold-done",
                    "The %s are over by the clock. Take the load out now; wear gloves."
                            .formatted(minutes(wanted.bakingMin()))));
        }
    }

    private static String minutes(double min) {
        return Figures.show(Math.rint(min), "min");
    }

    private static void lost(List<Advice> alarms, double silentS) {
        alarms.add(
                Advice.stop(
                        "probe-lost",
                        "No reading for %s.".formatted(Figures.show(Math.rint(silentS / 6) / 10.0, "min")),
                        "Check the probe and its lead, and read the oven's own thermometer. Minutes without readings are not counted."));
    }

    private static void unread(List<Advice> alarms, double unreadMin) {
        alarms.add(Advice.caution(
                "unread",
                "The probe sent no readings for %s in total; these minutes are not counted."
                        .formatted(minutes(unreadMin)),
                "If the oven was hot then, count these minutes by its own thermometer."));
    }

    /** A flat line is said while it lasts, and for good. */
    private static void stuck(List<Advice> alarms, Scan scan, boolean now) {
        if (scan.flatMin > 0) {
            alarms.add(Advice.caution(
                    "probe-stuck",
                    "The probe %s exactly %s for %s without any change; these minutes are not counted."
                            .formatted(now ? "has read" : "read", show(scan.flatC), minutes(scan.flatMin)),
                    "Check the probe. Go by the oven's own thermometer and the clock."));
        }
    }

    private static void tooCool(
            List<Advice> alarms, Scan scan, double lastAt, double nowS, double last, Wanted wanted) {
        double belowS = lastAt - scan.belowSince;
        if (belowS > COOL_S) {
            alarms.add(Advice.caution(
                    "under-window",
                    "%s is below the window, which starts at %s, and has been for %s."
                            .formatted(show(last), show(wanted.lowC()), Figures.show(Math.rint(belowS / 60), "min")),
                    "Shut the door and check the dial. Bake longer by the same time."));
        } else if (!scan.been && nowS > STILL_COLD_S && !Double.isNaN(last) && last < wanted.lowC()) {
            alarms.add(Advice.caution(
                    "still-cold",
                    "Only %s after %s in the oven.".formatted(show(last), Figures.show(Math.rint(nowS / 60), "min")),
                    "Check that the oven is on and its door is shut."));
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
