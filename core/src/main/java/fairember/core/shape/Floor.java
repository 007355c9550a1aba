package fairember.core.shape;

/** Whether the shell goes round under a flat base, or the core is left open there. */
public enum Floor {
    COVERED("covered base"),
    OPEN("open base");

    private final String label;

    Floor(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
