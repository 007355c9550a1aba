package fairember.core.colour;

/** How much a clay scatters light, as a class constant; starting values, to be learned from trial tiles. */
public enum Opacity {
    OPAQUE("opaque", 1),
    HALF("half opaque", 0.4),
    TRANSLUCENT("translucent", 0.06);

    private final String label;
    private final double scatter;

    Opacity(String label, double scatter) {
        this.label = label;
        this.scatter = scatter;
    }

    public String label() {
        return label;
    }

    double scatter() {
        return scatter;
    }
}
