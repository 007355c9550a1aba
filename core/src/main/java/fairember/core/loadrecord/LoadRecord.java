package fairember.core.loadrecord;

import fairember.core.advice.Advice;
import java.util.List;

/**
 * What a load got so far.
 *
 * @param points of the air, thinned so that there are no more than {@link LoadRecording#MOST_POINTS}
 * @param atHeatMin minutes in which the air was not too cool
 * @param inWindowMin of them, those in which it was not too hot either
 * @param hottestC of the air
 * @param meanC of the air, from the first time it was inside the window
 * @param lastC of the air
 * @param lastAtS of the last reading, in seconds since it went in
 * @param seenMin minutes that were read, without a flat line
 * @param alarms what is wrong, the worst first
 */
public record LoadRecord(
        List<Reading> points,
        double atHeatMin,
        double inWindowMin,
        double hottestC,
        double meanC,
        double lastC,
        double lastAtS,
        double seenMin,
        List<Advice> alarms) {
    public LoadRecord {
        points = List.copyOf(points);
        alarms = List.copyOf(alarms);
    }
}
