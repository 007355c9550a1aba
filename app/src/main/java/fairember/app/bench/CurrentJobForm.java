package fairember.app.bench;

import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** The current job: a step, counted from 0 in the steps of its design; no start means its timer stands still. */
record CurrentJobForm(
        long batchId, long designId, int step, @Nullable Instant startedAt) {}
