package fairember.core.foilcore;

import fairember.core.workings.Source;
import fairember.core.workings.Workings;

/** How the foil, the clay and the saving of a core come about. */
public final class SizedCoreWorkings {
    private SizedCoreWorkings() {}

    public static Workings of(SizedCore core, FoilRoll roll) {
        boolean hollow = core.spec().hollow();
        Workings.Steps steps = Workings.of((hollow ? "Hollow " : "Foil core in a ")
                        + core.outer().kind().label())
                .given("s", "shell", core.spec().shell().mm(), "mm", Source.ENTERED)
                .given("V", "volume of the part", core.outer().volume().mm3(), "mm³", Source.WORKED)
                .given("Vc", "space under the shell", core.inset().volume().mm3(), "mm³", Source.WORKED);
        if (hollow) {
            return steps.worked("Vk", "clay in the shell", core.clay().mm3(), "mm³", "V − Vc")
                    .done();
        }
        return steps.given(
                        "δ",
                        "packed foil, " + core.spec().packing().label(),
                        core.density().gPerCm3(),
                        "g/cm³",
                        PackedFoil.USUAL.of(core.spec().packing()).equals(core.density())
                                ? Source.CONSTANT
                                : Source.CALIBRATED)
                .given("ρa", "aluminium", FoilRoll.ALUMINIUM, "g/cm³", Source.CONSTANT)
                .given("f", "foil thickness", roll.thickness().mm(), "mm", Source.ENTERED)
                .given("w", "width of the roll", roll.width().mm(), "mm", Source.ENTERED)
                .worked("Vk", "clay in the shell", core.clay().mm3(), "mm³", "V − Vc")
                .worked("m", "foil", core.foil().g(), "g", "Vc·δ/1000")
                .worked("A", "area of foil", core.foilArea().mm2(), "mm²", "1000·m/(ρa·f)")
                .worked("l", "length off the roll", core.torn().mm(), "mm", "A/w")
                .done();
    }
}
