package fairember.core.heat;

/** How the air of an oven gives its heat to a piece; h in W/(m²·K), radiation included. */
public enum Air {
    /** 12 to 25 are met. */
    STILL("still oven", 18),
    /** 25 to 50 are met. */
    FAN("fan oven", 35),
    /** Under a tent of foil. */
    TENT("under a foil tent", 10);

    private final String label;
    private final double gives;

    Air(String label, double gives) {
        this.label = label;
        this.gives = gives;
    }

    public String label() {
        return label;
    }

    /** h, W/(m²·K). */
    public double gives() {
        return gives;
    }
}
