package fairember.core.design;

/** What a line of a design's checks is ticked before. */
public enum CheckTime {
    LAST_BAKE("before the last bake"),
    BAKE("before a bake"),
    VARNISH("before varnish"),
    PACKING("before packing");

    private final String label;

    CheckTime(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
