package fairember.core.heat;

import fairember.core.input.Gathering;
import fairember.core.input.Span;
import fairember.core.quantity.Density;

/**
 * What clay does with heat. Starting values, to be calibrated; times scale with density · capacity, conductivity hardly matters.
 *
 * @param conducts k, 0.17 to 0.35 W/(m·K)
 * @param holds c, 1000 to 1450 J/(kg·K)
 * @param density of the clay
 */
public record Material(double conducts, double holds, Density density) {
    public static final Span CONDUCTIVITY = Span.of("conductivityWPerMk", "conductivity", 0.1, 0.6, "W/mK");
    public static final Span HEAT_CAPACITY = Span.of("heatCapacityJPerKgK", "heat capacity", 600, 2000, "J/kgK");
    /** k of polymer clay. */
    public static final double USUAL_CONDUCTIVITY = 0.22;
    /** c of polymer clay. */
    public static final double USUAL_TIMES = 1200;
    /** c of the air and aluminium of a foil core. */
    static final double FOIL_HOLDS = 900;

    public Material {
        Gathering g = new Gathering();
        g.within(CONDUCTIVITY, conducts);
        g.within(HEAT_CAPACITY, holds);
        g.orRefuse();
    }

    /** Clay of this density with the usual constants. */
    public static Material of(Density density) {
        return new Material(USUAL_CONDUCTIVITY, USUAL_TIMES, density);
    }

    /** ρc, J/(m³·K). */
    double perVolume() {
        return density.gPerCm3() * 1000 * holds;
    }
}
