package fairember.core.portion;

import fairember.core.input.Span;
import fairember.core.quantity.Density;
import fairember.core.quantity.Length;
import fairember.core.quantity.Mass;
import fairember.core.quantity.Volume;

/** Portions of clay as grams and as a ball to roll. */
public final class Portioning {
    /** Thickness of the cords that portions are cut from. */
    public static final Span CORD = Span.of("cordMm", "cord thickness", 1, 50, "mm");

    private Portioning() {}

    /**
     * The portion that holds a volume of clay.
     *
     * <pre>m = V·ρ/1000, ball d = (6000·m/(π·ρ))^⅓   (m in g, ρ in g/cm³, V in mm³, d in mm)</pre>
     */
    public static Portion portion(Volume clay, Density density) {
        Mass mass = density.of(clay);
        double ball = Math.cbrt(6000 * mass.g() / (Math.PI * density.gPerCm3()));
        return new Portion(clay, density, mass, new Length(ball));
    }

    /**
     * The cord of a given thickness that holds the same clay.
     *
     * <pre>L = 4·V/(π·d²) = 4000·m/(π·ρ·d²)</pre>
     */
    public static Length cord(Portion portion, Length thickness) {
        return new Length(4 * portion.clay().mm3() / (Math.PI * thickness.mm() * thickness.mm()));
    }

    /**
     * A thickness of cord that suits a portion: seven tenths of its ball, so that what is cut off is about twice as long as
     * thick; in half millimetres, within {@link #CORD}.
     */
    public static Length suitedCord(Portion portion) {
        double halves = Math.floor(2 * 0.7 * portion.ball().mm()) / 2;
        return new Length(Math.min(CORD.high(), Math.max(CORD.low(), halves)));
    }
}
