package fairember.core.portion;

import fairember.core.workings.Source;
import fairember.core.workings.Workings;

/** How the grams and the ball of a portion come about. */
public final class PortionWorkings {
    private PortionWorkings() {}

    public static Workings of(Portion portion) {
        return Workings.of("Grams and ball")
                .given("V", "volume of clay", portion.clay().mm3(), "mm³", Source.WORKED)
                .given("ρ", "density of the clay", portion.density().gPerCm3(), "g/cm³", Source.PACKET)
                .worked("m", "mass", portion.mass().g(), "g", "V·ρ/1000")
                .worked("d", "ball to roll", portion.ball().mm(), "mm", "(6000·m/(π·ρ))^(1/3)")
                .done();
    }
}
