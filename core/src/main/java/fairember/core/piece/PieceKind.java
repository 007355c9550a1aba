package fairember.core.piece;

/** What kind of thing a piece is. */
public enum PieceKind {
    ORNAMENT("ornament"),
    CHARM("charm"),
    EARRINGS("earrings"),
    TOPPER("topper"),
    FIGURINE("figurine"),
    SET_PIECE("set piece");

    private final String label;

    PieceKind(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
