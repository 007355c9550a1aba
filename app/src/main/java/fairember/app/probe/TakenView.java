package fairember.app.probe;

import java.util.List;

/**
 * What became of some readings.
 *
 * @param taken kept now
 * @param again known before by their time; the first is kept
 * @param refused that no oven reads, or that lie where no time is, with what to do
 */
public record TakenView(int taken, int again, List<RefusedReadingView> refused) {
    /** A reading that was not kept; its place is counted from 0. */
    public record RefusedReadingView(int at, String found, String allowed, String fix) {}
}
