package fairember.core.foilcore;

import fairember.core.input.Gathering;
import fairember.core.input.Span;
import fairember.core.quantity.Length;
import fairember.core.quantity.Mass;

/**
 * A foil sleeve wrapped round something that is pulled out again, and the sheet of clay wrapped round the sleeve.
 *
 * @param across diameter of what it is wrapped round
 * @param covered length that clay covers
 * @param turns of foil, 0 to 30
 * @param thickness of the clay sheet
 * @param seam by which the sheet's ends overlap, 0 for a butt seam
 * @param outer diameter over the foil
 * @param strip length of the foil strip; its width is the covered length
 * @param foil mass of the strip
 * @param torn foil off the roll for it
 * @param sheet length of the clay sheet to cut, seam included; its width is the covered length
 */
public record Sleeve(
        Length across,
        Length covered,
        int turns,
        Length thickness,
        Length seam,
        Length outer,
        Length strip,
        Mass foil,
        Length torn,
        Length sheet) {
    public static final Span ACROSS = Span.of("thickMm", "thickness of the insert", 0.5, 100, "mm");
    public static final Span COVERED = Span.of("coveredMm", "covered length", 1, 400, "mm");
    public static final Span TURNS = Span.count("turns", "turns of foil", 0, 30);
    public static final Span THICKNESS = Span.of("sheetMm", "clay sheet", 0.2, 50, "mm");
    public static final Span SEAM = Span.of("seamMm", "overlap at the seam", 0, 20, "mm");

    /**
     * Sizes a sleeve.
     *
     * <pre>
     * over the foil    D = d + 2·n·f
     * foil strip       l = π·n·(d + n·f)       (a tight spiral: the mean of the first and the last turn)
     * off the roll     l·covered/width of the roll
     * sheet of clay    L = π·(D + t) + seam    (on the neutral line, half way through the sheet)
     * </pre>
     *
     * @throws fairember.core.input.InvalidInputException when a measure is outside its span
     */
    public static Sleeve size(Length across, Length covered, int turns, Length thickness, Length seam, FoilRoll roll) {
        Gathering gathering = new Gathering();
        gathering.within(ACROSS, across.mm());
        gathering.within(COVERED, covered.mm());
        gathering.within(TURNS, turns);
        gathering.within(THICKNESS, thickness.mm());
        gathering.within(SEAM, seam.mm());
        gathering.orRefuse();
        double f = roll.thickness().mm();
        double outer = across.mm() + 2 * turns * f;
        double strip = Math.PI * turns * (across.mm() + turns * f);
        Mass foil = new Mass(strip * covered.mm() * f * FoilRoll.ALUMINIUM / 1000);
        double torn = strip * covered.mm() / roll.width().mm();
        double sheet = Math.PI * (outer + thickness.mm()) + seam.mm();
        return new Sleeve(
                across,
                covered,
                turns,
                thickness,
                seam,
                new Length(outer),
                new Length(strip),
                foil,
                new Length(torn),
                new Length(sheet));
    }
}
