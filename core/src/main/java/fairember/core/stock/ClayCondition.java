package fairember.core.stock;

import fairember.core.quantity.Minutes;

/**
 * How a clay takes being conditioned, and what that adds to the minutes of a step that mixes it. The minutes are rules of thumb; a
 * maker may say how long it takes with a clay of theirs.
 */
public enum ClayCondition {
    USUAL("conditions well", 0, ""),
    FIRM("firm", 3, "Cut it thin and warm it in your hand before you roll it."),
    CRUMBLY(
            "crumbly",
            10,
            "Knead in softener a drop at a time. If it still cracks when you fold it, use another block."),
    SOFT("too soft", 4, "Press it flat between clean paper the night before, and change the paper once.");

    private final String label;
    private final Minutes each100;
    private final String advice;

    ClayCondition(String label, double minutes, String advice) {
        this.label = label;
        this.each100 = new Minutes(minutes);
        this.advice = advice;
    }

    public String label() {
        return label;
    }

    /** What to do with it; empty when nothing. */
    public String advice() {
        return advice;
    }

    /** Minutes that 100 g take beyond usual conditioning. */
    public Minutes each100() {
        return each100;
    }
}
