package fairember.core.design;

/** How an assembly is joined to a greater one. */
public enum Joint {
    /** Its clay is raw and is baked together with the rest. */
    RAW("raw clay on raw clay"),
    /** One of the two is cured, the other is built on it raw. */
    CURED("raw clay on cured clay"),
    /** Both are cured. */
    COLD("cold: glued, pinned, screwed or pressed"),
    /** It is laid by and goes with the piece only when that is packed. */
    PACKED("laid by until packing");

    private final String label;

    Joint(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
