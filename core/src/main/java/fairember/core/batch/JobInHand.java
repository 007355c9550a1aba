package fairember.core.batch;

import fairember.core.document.Default;
import fairember.core.document.RefersTo;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * The job in hand.
 *
 * @param step counted from 0 in the steps of its design
 * @param startedAt of its timer; null while that stands still
 * @param doneThen pieces that were counted as done when the timer was started
 * @param rework whether what is timed now is work done over again
 */
public record JobInHand(
        @RefersTo("batch") long batchId,
        @RefersTo("design") long designId,
        int step,
        @Nullable Instant startedAt,
        @Default("0") int doneThen,
        @Default("false") boolean rework) {}
