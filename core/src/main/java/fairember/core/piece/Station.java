package fairember.core.piece;

/** The stations a run goes through, in the order of work. */
public enum Station {
    CORES("Cores", true),
    MIX("Mix", true),
    PORTION("Portion", true),
    SHAPE("Shape", true),
    GATE("Gate", false),
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

    /** Whether steps of a route are done here; the others follow from the run itself. */
    public boolean handwork() {
        return handwork;
    }
}
