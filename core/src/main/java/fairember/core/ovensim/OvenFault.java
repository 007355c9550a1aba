package fairember.core.ovensim;

/** What may be wrong with a simulated oven or its probe. */
public enum OvenFault {
    NONE("no fault"),
    DROP_OUT("probe sends nothing"),
    FLAT_LINE("probe stuck at one value"),
    STUCK_ON("heater stuck on"),
    STUCK_OFF("heater stuck off"),
    DOOR_AJAR("door ajar");

    private final String label;

    OvenFault(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
