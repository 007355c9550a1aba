package fairember.core.design;

/** Where the copies of a part go. */
public enum Arrangement {
    /** Left and right of the middle by turns, mirrored. */
    MIRRORED("mirrored pair"),
    /** Evenly around the upright axis. */
    RING("ring around"),
    /** Side by side, from left to right. */
    ROW("row across"),
    /** One above the other. */
    COLUMN("column upwards"),
    /** Evenly over the upper half of a ball, each leaning outwards. */
    DOME("scattered over a dome");

    private final String label;

    Arrangement(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
