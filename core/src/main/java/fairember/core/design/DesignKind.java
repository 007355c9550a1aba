package fairember.core.design;

/** What kind of thing a design is. */
public enum DesignKind {
    ORNAMENT("ornament"),
    CHARM("charm"),
    EARRINGS("earrings"),
    TOPPER("topper"),
    FIGURINE("figurine"),
    SET_PIECE("set piece");

    private final String label;

    DesignKind(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
