package fairember.core.wire;

/** What wire is drawn of, with its density. */
public enum Metal {
    STEEL("steel", 7.85),
    COPPER("copper", 8.96),
    BRASS("brass", 8.50),
    ALUMINIUM("aluminium", 2.70);

    private final String label;
    private final double gPerCm3;

    Metal(String label, double gPerCm3) {
        this.label = label;
        this.gPerCm3 = gPerCm3;
    }

    public String label() {
        return label;
    }

    /** g/cm³ of the solid metal. */
    public double gPerCm3() {
        return gPerCm3;
    }
}
