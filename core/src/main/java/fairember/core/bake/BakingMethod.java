package fairember.core.bake;

/** The settings of baking; all keep the packet's window. */
public enum BakingMethod {
    /** Minutes by the thickest section, as the packet says. */
    PACKET("by the packet"),
    /** A long fixed time at the low end of the window, whatever the size, never under the packet's minutes. */
    LONG_AND_LOW("long and low"),
    /** Short sets that lock details, and one full cure by the packet in the last bake that cures. */
    STAGED("in stages");

    private final String label;

    BakingMethod(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
