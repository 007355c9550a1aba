package fairember.core.colour;

/** How much a little of a clay does in a mix: each step doubles it. */
public enum Strength {
    WEAK("weak", -1),
    NORMAL("normal", 0),
    STRONG("strong", 1),
    VERY_STRONG("very strong", 2);

    private final String label;
    private final int doublings;

    Strength(String label, int doublings) {
        this.label = label;
        this.doublings = doublings;
    }

    public String label() {
        return label;
    }

    double factor() {
        return Math.pow(2, doublings);
    }
}
