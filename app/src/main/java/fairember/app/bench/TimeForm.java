package fairember.app.bench;

import fairember.core.input.InvalidInputException;
import java.time.Duration;
import java.time.Instant;

/** Time spent on a step of a design in a batch. */
record TimeForm(long batchId, long designId, int step, Instant startedAt, Instant endedAt) {
    Duration length() {
        return Duration.between(startedAt, endedAt);
    }

    void check() {
        if (length().isNegative()) {
            throw new InvalidInputException(
                    "endedAt", "an end before the start", "an end after the start", "Put the end after the start.");
        }
    }
}
