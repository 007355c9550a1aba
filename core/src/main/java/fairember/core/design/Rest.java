package fairember.core.design;

import fairember.core.document.Default;
import fairember.core.heat.Seat;
import fairember.core.input.Span;
import fairember.core.quantity.Length;

/**
 * What things lie on in a bake.
 *
 * @param on what it is
 * @param thick its thickness, 0.3 to 60 mm
 * @param hot whether it is heated with the oven before they are put on it
 */
public record Rest(On on, Length thick, @Default("false") boolean hot) {
    public static final Span THICK = Span.of("thickMm", "thickness of what it lies on", 0.3, 60, "mm");

    /** What it is; density · heat capacity in J/(m³·K) and conductivity in W/(m·K) of usual kinds. */
    public enum On {
        TRAY("paper on a metal tray", 7850 * 490.0, 40),
        TILE("a tile", 2300 * 850.0, 1),
        BED("a bed of loose powder", 900 * 1000.0, 0.2);

        private final String label;
        private final double holds;
        private final double conducts;

        On(String label, double holds, double conducts) {
            this.label = label;
            this.holds = holds;
            this.conducts = conducts;
        }

        public String label() {
            return label;
        }
    }

    /**
     * Something of a thickness.
     *
     * @throws fairember.core.input.InvalidInputException when it is outside its span
     */
    public Rest {
        THICK.check(thick.mm());
    }

    /**
     * What heat meets under a body.
     *
     * @param share of the body's surface that touches it
     */
    public Seat under(double share) {
        double metres = thick.mm() / 1000;
        return new Seat(on.holds * metres, metres / on.conducts, hot, share);
    }
}
