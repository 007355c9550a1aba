package fairember.core.claysheet;

import fairember.core.workings.Source;
import fairember.core.workings.Workings;

/** How the strips and the grams of a sheet come about. */
public final class SizedSheetWorkings {
    private SizedSheetWorkings() {}

    public static Workings of(SizedSheet sheet) {
        return Workings.of("Clay for the sheet")
                .given("W", "width", sheet.wide().mm(), "mm", Source.ENTERED)
                .given("L", "length", sheet.length().mm(), "mm", Source.ENTERED)
                .given("t", "thickness", sheet.thick().mm(), "mm", Source.CALIBRATED)
                .given("o", "trimmed at each edge", sheet.trim().mm(), "mm", Source.ENTERED)
                .given("R", "rollers", sheet.roller().mm(), "mm", Source.ENTERED)
                .given("ρ", "density", sheet.density().gPerCm3(), "g/cm³", Source.PACKET)
                .worked("n", "strips", sheet.strips(), "", "ceil(W/(R − 2·o))")
                .worked("w", "width of a strip", sheet.stripWide().mm(), "mm", "W/n")
                .worked("l", "length of a strip", sheet.stripLong().mm(), "mm", "L + 2·o")
                .worked("m", "clay", sheet.mass().g(), "g", "ρ·t·n·(w + 2·o)·l/1000")
                .done();
    }
}
