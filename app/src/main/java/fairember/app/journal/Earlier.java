package fairember.app.journal;

import java.time.Instant;

/**
 * A thing as it was before a change.
 *
 * @param at when it was changed
 * @param words what the change is called
 */
public record Earlier<T>(Instant at, String words, T before) {}
