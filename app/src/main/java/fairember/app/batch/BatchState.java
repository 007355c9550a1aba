package fairember.app.batch;

/** How far a batch has come. */
public enum BatchState {
    PLANNED,
    ON_BENCH,
    FINISHED
}
