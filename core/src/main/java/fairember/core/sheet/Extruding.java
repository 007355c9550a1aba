package fairember.core.sheet;

import fairember.core.measure.Density;
import fairember.core.measure.Length;
import fairember.core.measure.Mass;
import fairember.core.measure.Span;

/** Presses clay through a die. */
public final class Extruding {
    public static final Span WANTED = Span.of("wantedMm", "cord wanted", 1, 100_000, "mm");

    private Extruding() {}

    /**
     * The cords.
     *
     * <pre>
     * length from a filling = (π·D²/4)·(stroke − residue)/(hole·swell²)    (all holes together; a round one: D²·(…)/(d·swell)²)
     * fillings = ⌈wanted/length⌉
     * </pre>
     *
     * @throws fairember.core.measure.Refused on "wantedMm" when it is out of its range
     */
    public static Extruded extrude(Barrel barrel, Die die, Length wanted, Density density) {
        WANTED.check(wanted.mm());
        double bore = Math.PI * barrel.across().mm() * barrel.across().mm() / 4;
        double pressed = bore * (barrel.stroke().mm() - barrel.residue().mm());
        double length = pressed / (die.hole() * die.swell() * die.swell());
        int barrels = (int) Math.ceil(wanted.mm() / length - 1e-9);
        double filling = density.gPerCm3() * bore * barrel.stroke().mm() / 1000;
        return new Extruded(
                barrel, die, wanted, new Length(length), barrels, new Mass(filling), new Mass(barrels * filling));
    }
}
