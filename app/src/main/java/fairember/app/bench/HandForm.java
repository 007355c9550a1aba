package fairember.app.bench;

import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** The step in hand, counted from 0 in the route of its piece; no start means its timer stands still. */
record HandForm(
        long runId, long pieceId, int step, @Nullable Instant startedAt) {}
