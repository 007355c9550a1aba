package fairember.core.claysheet;

import fairember.core.quantity.Density;
import fairember.core.workings.Source;
import fairember.core.workings.Workings;

/** How the length of cord from a barrel comes about. */
public final class ExtrudedWorkings {
    private ExtrudedWorkings() {}

    public static Workings of(Extruded extruded, Density density) {
        Barrel barrel = extruded.barrel();
        Die die = extruded.die();
        Workings.Steps steps = Workings.of("Cord from a filling")
                .given("D", "barrel", barrel.across().mm(), "mm", Source.ENTERED)
                .given("S", "filled length", barrel.stroke().mm(), "mm", Source.ENTERED)
                .given("r", "left in front of the die", barrel.residue().mm(), "mm", Source.ENTERED)
                .given("d", "hole", die.size().mm(), "mm", Source.ENTERED)
                .given("k", "swell", die.swell(), "times", Source.CONSTANT)
                .given("W", "cord wanted", extruded.wanted().mm(), "mm", Source.ENTERED)
                .given("ρ", "density", density.gPerCm3(), "g/cm³", Source.PACKET);
        if (die.kind() == Die.Kind.SLOT) {
            steps.given("w", "width of the slot", die.wide().mm(), "mm", Source.ENTERED);
        }
        String hole = switch (die.kind()) {
            case ROUND -> "π·d²/4";
            case SQUARE -> "d²";
            case SLOT -> "d·w";
        };
        return steps.worked("A", "area of a hole", die.hole(), "mm²", hole)
                .worked("L", "cord per filling", extruded.perBarrel().mm(), "mm", "π·D²/4·(S − r)/(A·k²)")
                .worked("N", "fillings", extruded.barrels(), "", "ceil(W/L)")
                .worked("m", "a filling", extruded.filling().g(), "g", "ρ·π·D²/4·S/1000")
                .worked(
                        "z",
                        "the last filling",
                        extruded.lastFilling().g(),
                        "g",
                        "ρ·π·D²/4·(r + (S − r)·(W − (N − 1)·L)/L)/1000")
                .worked("M", "clay in all", extruded.mass().g(), "g", "(N − 1)·m + z")
                .done();
    }
}
