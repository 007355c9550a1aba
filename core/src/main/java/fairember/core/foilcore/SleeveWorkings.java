package fairember.core.foilcore;

import fairember.core.workings.Source;
import fairember.core.workings.Workings;

/** How the foil strip and the sheet of a sleeve come about. */
public final class SleeveWorkings {
    private SleeveWorkings() {}

    public static Workings of(Sleeve sleeve, FoilRoll roll) {
        return Workings.of("Sleeve and wrap")
                .given("d", "thickness of the insert", sleeve.across().mm(), "mm", Source.ENTERED)
                .given("n", "turns of foil", sleeve.turns(), "", Source.ENTERED)
                .given("f", "foil thickness", roll.thickness().mm(), "mm", Source.ENTERED)
                .given("t", "clay sheet", sleeve.thickness().mm(), "mm", Source.ENTERED)
                .given("w", "covered length", sleeve.covered().mm(), "mm", Source.ENTERED)
                .given("o", "overlap at the seam", sleeve.seam().mm(), "mm", Source.ENTERED)
                .given("ρa", "aluminium", FoilRoll.ALUMINIUM, "g/cm³", Source.CONSTANT)
                .worked("D", "over the foil", sleeve.outer().mm(), "mm", "d + 2·n·f")
                .worked("l", "foil strip", sleeve.strip().mm(), "mm", "π·n·(d + n·f)")
                .worked("m", "foil", sleeve.foil().g(), "g", "l·w·f·ρa/1000")
                .worked("L", "sheet to cut, on the neutral line", sleeve.sheet().mm(), "mm", "π·(D + t) + o")
                .done();
    }
}
