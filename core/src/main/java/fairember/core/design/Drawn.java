package fairember.core.design;

/** What of a pair a design draws. */
public enum Drawn {
    ONE("one of the pair"),
    PAIR("the pair");

    private final String label;

    Drawn(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
