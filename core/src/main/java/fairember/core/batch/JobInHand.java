package fairember.core.batch;

import fairember.core.daybook.DaybookLine;
import fairember.core.daybook.MinutesRange;
import fairember.core.document.Default;
import fairember.core.document.RefersTo;
import java.time.Duration;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * The job in hand.
 *
 * @param step counted from 0 in the steps of its design
 * @param startedAt of its timer; null while that stands still
 * @param doneThen pieces that were counted as done when the timer was started
 * @param rework whether what is timed now is work done over again
 * @param interruptedAt when the work was interrupted; null while it is not
 */
public record JobInHand(
        @RefersTo("batch") long batchId,
        @RefersTo("design") long designId,
        int step,
        @Nullable Instant startedAt,
        @Default("0") int doneThen,
        @Default("false") boolean rework,
        @Nullable Instant interruptedAt) {
    /** A timer is asked about when it runs so many times as long as was planned at most, and at least so long. */
    private static final double FORGOTTEN_RATIO = 2;

    private static final Duration FORGOTTEN = Duration.ofHours(4);

    /** A job whose timer stands still. */
    public static JobInHand standing(long batchId, long designId, int step) {
        return new JobInHand(batchId, designId, step, null, 0, false, null);
    }

    /** The same job with its timer started. */
    public JobInHand started(Instant at, int done, boolean again) {
        return new JobInHand(batchId, designId, step, at, done, again, null);
    }

    /** The same job, interrupted: its timer stands still until the work goes on. */
    public JobInHand interrupted(Instant at) {
        return new JobInHand(batchId, designId, step, null, doneThen, rework, at);
    }

    /**
     * Whether its timer has run so long that it was forgotten: longer than anybody works without a pause, or over four hours and over
     * twice as long as the work takes at most.
     *
     * @param planned minutes for all pieces
     */
    public boolean forgotten(Instant now, MinutesRange planned) {
        Instant started = startedAt;
        if (started == null) {
            return false;
        }
        Duration ran = Duration.between(started, now);
        double most = planned.high().min() * FORGOTTEN_RATIO;
        return ran.compareTo(DaybookLine.LONGEST) > 0 || (ran.compareTo(FORGOTTEN) > 0 && ran.toMinutes() > most);
    }
}
