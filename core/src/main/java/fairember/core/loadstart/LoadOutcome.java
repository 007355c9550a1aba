package fairember.core.loadstart;

/** What is done with what came out of the oven. */
public enum LoadOutcome {
    /** It counts as baked. */
    BAKED,
    /** It goes in again: this load does not count. */
    BAKE_AGAIN,
    /** It is spoiled and made again: this load does not count, and its steps are to be done again. */
    MAKE_AGAIN,
    /** It is spoiled, and there will be as many pieces fewer. */
    LOST
}
