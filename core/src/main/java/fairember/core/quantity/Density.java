package fairember.core.quantity;

import fairember.core.input.Span;

/**
 * Mass of a volume of clay or packed foil. Clay is 1.4 to 2.0 g/cm³, featherweight kinds 0.5 to 1.1, packed foil 0.15
 * to 1.3; solid aluminium 2.70 is the heaviest thing here.
 *
 * @param gPerCm3 grams per cubic centimetre, 0.1 to 3
 */
public record Density(double gPerCm3) {
    public static final Span SPAN = Span.of("densityGPerCm3", "density", 0.1, 3, "g/cm³");
    /** Cured or raw polymer clay when nothing better is known; a user may meet 1.4 to 2.0. */
    public static final Density CLAY = new Density(1.75);

    public Density {
        SPAN.check(gPerCm3);
    }

    public Mass of(Volume volume) {
        return new Mass(volume.mm3() * gPerCm3 / 1000);
    }

    public Volume volumeOf(Mass mass) {
        return new Volume(mass.g() * 1000 / gPerCm3);
    }
}
