package fairember.core.shape;

/** Which way a solid's top points when it is put into a design. */
public enum Facing {
    UP("upright"),
    DOWN("upside down"),
    /** Its top towards the one who looks: a window, an eye, a cut-out seen flat. */
    FRONT("facing front"),
    /** Its top to the right: an arm, a fin; mirrored copies point left. */
    ACROSS("lying across");

    private final String label;

    Facing(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
