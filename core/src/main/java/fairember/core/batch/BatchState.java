package fairember.core.batch;

/** How far a batch has come. */
public enum BatchState {
    PLANNED,
    ON_BENCH,
    FINISHED
}
