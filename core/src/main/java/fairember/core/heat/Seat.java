package fairember.core.heat;

/**
 * What a body lies on: one node that takes up heat, warmed by the air from below and by nothing else.
 *
 * <pre>to the clay  1/(1/150 + r/2)     to the air  1/(1/h + r/2)     W/(m²·K) of the surface that touches</pre>
 *
 * @param holds density · heat capacity · thickness, J/(m²·K)
 * @param resists r, thickness/conductivity, m²·K/W
 * @param hot whether it is as hot as the oven when the body is put on it
 * @param share of the body's surface that touches it, more than 0, to 0.5
 */
public record Seat(double holds, double resists, boolean hot, double share) {
    /** Between clay and what it lies on, W/(m²·K). */
    public static final double CONTACT = 150;

    /** Touching with so much of its surface, a body that is as flat as a plate is heated from its two faces. */
    private static final double LYING = 0.25;

    private static final double FLAT = 0.5;

    double toClay() {
        return 1 / (1 / CONTACT + resists / 2);
    }

    double toAir(double gives) {
        return 1 / (1 / gives + resists / 2);
    }

    /** From the air to the clay, once it is warm itself. */
    double through(double gives) {
        return 1 / (1 / toClay() + 1 / toAir(gives));
    }

    /** Whether a body that narrows inwards by this exponent lies on it with one of two faces. */
    boolean underPlate(double narrowing) {
        return share >= LYING && narrowing <= FLAT;
    }
}
