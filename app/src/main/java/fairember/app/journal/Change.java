package fairember.app.journal;

import org.jspecify.annotations.Nullable;

/**
 * A line of the journal.
 *
 * @param step changes of one step are undone together
 * @param before the form as it was, null when it was added
 * @param after the form as it became, null when it was removed
 */
record Change(
        long id,
        long step,
        String kind,
        long subjectId,
        String words,
        @Nullable String before,
        @Nullable String after) {}
