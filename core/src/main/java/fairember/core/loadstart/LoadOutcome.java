package fairember.core.loadstart;

/** What is done with what came out of the oven. */
public enum LoadOutcome {
    /** It counts as baked. */
    BAKED,
    /** It goes in again: this load does not count. */
    BAKE_AGAIN,
    /** It is spoiled and counted as lost. */
    LOST
}
