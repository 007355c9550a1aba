package fairember.app.bench;

import fairember.core.measure.Refused;
import java.time.Duration;
import java.time.Instant;

/** Time spent on a step of a piece in a run. */
record TimeForm(long runId, long pieceId, int step, Instant startedAt, Instant endedAt) {
    Duration length() {
        return Duration.between(startedAt, endedAt);
    }

    void check() {
        if (length().isNegative()) {
            throw new Refused(
                    "endedAt", "an end before the start", "an end after the start", "Give the times in order.");
        }
    }
}
