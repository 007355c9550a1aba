package fairember.core.bake;

/** The ways of baking; all keep the packet's window. */
public enum School {
    /** Minutes by the thickest section, as the packet says. */
    PACKET("packet"),
    /** A long fixed time at the low end of the window, whatever the size, never under the packet's minutes. */
    LONG_HOLD("long hold"),
    /** Short sets that lock details, and one full cure by the packet in the last bake that cures. */
    STAGED("staged");

    private final String label;

    School(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
