package fairember.core.bake;

/** What a stage bake is for. */
public enum StageKind {
    /** A full cure of the thickest section. */
    FULL_BAKE("full bake"),
    /** A short bake that sets details before more clay goes on; a full cure follows. */
    PART_BAKE("part-bake"),
    /** A short bake of cured clay that sets its paint. */
    PAINT("sets paint");

    private final String label;

    StageKind(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
