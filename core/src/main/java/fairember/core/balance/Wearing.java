package fairember.core.balance;

import fairember.core.quantity.Mass;

/** How one earring of a weight is worn: rules of thumb. */
public enum Wearing {
    LIGHT("light", 5),
    USUAL("usual", 8),
    SHORT("for a short time", 12),
    AVOID("too heavy", Double.POSITIVE_INFINITY);

    private final String label;
    private final double mostG;

    Wearing(String label, double mostG) {
        this.label = label;
        this.mostG = mostG;
    }

    public String label() {
        return label;
    }

    /** The heaviest of this kind, g. */
    public double mostG() {
        return mostG;
    }

    /** The kind that one earring of this weight is. */
    public static Wearing of(Mass each) {
        for (Wearing wearing : values()) {
            if (each.g() <= wearing.mostG) {
                return wearing;
            }
        }
        return AVOID;
    }
}
