package fairember.core.design;

/** The stations a batch goes through, in the order of work. */
public enum Station {
    CORES("Cores", true),
    MIX("Mix", true),
    WEIGH_OUT("Weigh out", true),
    SHAPE("Shape", true),
    CHECKS("Checks", false),
    OVEN("Oven", false),
    FINISH("Finish", true),
    FIT("Fit", true),
    PRICE("Price", false);

    private final String label;
    private final boolean handwork;

    Station(String label, boolean handwork) {
        this.label = label;
        this.handwork = handwork;
    }

    public String label() {
        return label;
    }

    /** Whether steps of a design are done here; the others follow from the batch itself. */
    public boolean handwork() {
        return handwork;
    }
}
