package fairember.core.loadrecord;

import java.util.Arrays;
import java.util.List;

/**
 * How often a probe reads, and so how long a gap between two readings may be. Probes that read once a second are as welcome as those
 * that read every two minutes.
 *
 * @param usualS seconds from one reading to the next, the median
 */
record Pace(double usualS) {
    /** A probe that reads more rarely than this misses too much. */
    static final double SLOWEST_S = 120;

    /** However quick a probe is, so long a gap counts, and nobody worries about it. */
    static final double LEAST_S = 45;

    static Pace of(List<Reading> readings) {
        double[] gaps = new double[Math.max(0, readings.size() - 1)];
        for (int i = 0; i < gaps.length; i++) {
            gaps[i] = readings.get(i + 1).atS() - readings.get(i).atS();
        }
        Arrays.sort(gaps);
        return new Pace(gaps.length == 0 ? 1 : Math.min(SLOWEST_S, gaps[gaps.length / 2]));
    }

    /** As long a gap as counts fully. */
    double countsS() {
        return Math.max(LEAST_S, 1.5 * usualS);
    }

    /** From so long without a reading on the probe is lost. */
    double lostS() {
        return Math.max(LEAST_S, 2.5 * usualS);
    }
}
