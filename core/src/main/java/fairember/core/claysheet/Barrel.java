package fairember.core.claysheet;

import fairember.core.input.Gathering;
import fairember.core.input.Span;
import fairember.core.quantity.Length;

/**
 * The barrel of an extruder.
 *
 * @param across inner diameter, 5 to 60 mm
 * @param stroke length that is filled with clay, 10 to 400 mm
 * @param residue length of clay that stays before the die, 0 to 60 mm, less than the stroke
 */
public record Barrel(Length across, Length stroke, Length residue) {
    public static final Span ACROSS = Span.of("barrelMm", "barrel", 5, 60, "mm");
    public static final Span STROKE = Span.of("strokeMm", "filled length", 10, 400, "mm");
    public static final Span RESIDUE = Span.of("residueMm", "left in front of the die", 0, 60, "mm");

    public Barrel {
        Gathering g = new Gathering();
        double s = stroke.mm();
        double r = residue.mm();
        g.within(ACROSS, across.mm());
        g.within(STROKE, s);
        g.within(RESIDUE, r);
        if (r >= s) {
            g.error(
                    "residueMm",
                    r + " mm",
                    "less than the " + s + " mm it is filled",
                    "Put more clay in the barrel, or leave less in front of the die.");
        }
        g.orRefuse();
    }
}
