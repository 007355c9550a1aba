package fairember.core.daybook;

/** Why a piece was lost, in the order of the keys that say so. */
public enum LossReason {
    CRACKED("cracked"),
    CAME_APART("came apart"),
    MISSHAPEN("misshapen"),
    WRONG_COLOUR("wrong colour"),
    DIRT("lint or prints"),
    OVEN("spoiled in the oven"),
    FORGOTTEN("something forgotten"),
    OTHER("something else");

    private final String label;

    LossReason(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
