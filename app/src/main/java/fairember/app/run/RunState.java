package fairember.app.run;

/** How far a run has come. */
public enum RunState {
    PLANNED,
    ON_BENCH,
    FINISHED
}
