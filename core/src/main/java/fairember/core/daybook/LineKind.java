package fairember.core.daybook;

/** What a line of the daybook tells. */
public enum LineKind {
    TIME("time"),
    REWORK("rework"),
    INTERRUPTION("interruption"),
    LOSS("lost"),
    WEIGHING("weighed"),
    LESSON("lesson");

    private final String label;

    LineKind(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }

    /** Whether it tells of a stretch of time at a step. */
    public boolean timed() {
        return this == TIME || this == REWORK || this == INTERRUPTION;
    }
}
