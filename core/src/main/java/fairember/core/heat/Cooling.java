package fairember.core.heat;

import fairember.core.quantity.Minutes;

/** How long a piece takes until it can be handled: until none of it is warmer than 40 °C. */
public final class Cooling {
    /** Skin bears so much for as long as it likes. */
    public static final double HANDLED_C = 40;

    private static final double STEP_S = 5;
    private static final double MOST_S = 4 * 3600;
    private static final int CELLS = 40;

    /** Where a piece cools. */
    public enum Way {
        /** On a rack in a room of 21 °C: convection and radiation, 10 W/(m²·K). */
        SLOW(21, 10),
        /** In cold water of 15 °C, stirred: 400 W/(m²·K). */
        QUENCH(15, 400);

        private final double aroundC;
        private final double gives;

        Way(double aroundC, double gives) {
            this.aroundC = aroundC;
            this.gives = gives;
        }
    }

    private Cooling() {}

    /**
     * Minutes until a piece that was warm through and through, and is taken off what it lay on, can be handled; four hours at most.
     *
     * @param fromC that all of it has
     */
    public static Minutes until(HeatBody body, Material material, double fromC, Way way) {
        Cells cells = new Cells(body.on(null), material, way.gives, CELLS, fromC, fromC);
        double at = 0;
        while (cells.hottest() > HANDLED_C && at < MOST_S) {
            cells.step(STEP_S, 1, way.aroundC, way.aroundC);
            at += STEP_S;
        }
        return new Minutes(at / 60);
    }
}
