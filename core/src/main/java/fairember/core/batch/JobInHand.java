package fairember.core.batch;

import fairember.core.document.RefersTo;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * The job in hand.
 *
 * @param step counted from 0 in the steps of its design
 * @param startedAt of its timer; null while that stands still
 */
public record JobInHand(
        @RefersTo("batch") long batchId,
        @RefersTo("design") long designId,
        int step,
        @Nullable Instant startedAt) {}
