package fairember.core.daybook;

/** Why a piece was lost. */
public enum LossReason {
    OTHER("something else"),
    CRACKED("cracked"),
    CAME_APART("came apart"),
    MISSHAPEN("misshapen"),
    WRONG_COLOUR("wrong colour"),
    DIRT("lint or prints"),
    DARKENED("darkened in the oven"),
    FORGOTTEN("something forgotten");

    private final String label;

    LossReason(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
