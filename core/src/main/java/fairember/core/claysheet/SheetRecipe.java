package fairember.core.claysheet;

import fairember.core.document.RefersTo;
import fairember.core.input.Span;
import fairember.core.quantity.Density;
import fairember.core.quantity.Length;
import fairember.core.quantity.Mass;

/**
 * A sheet as it is written down.
 *
 * @param trim cut away at every edge
 */
public record SheetRecipe(
        Length wide,
        double longMm,
        Length thick,
        Length trim,
        @RefersTo("mix") long mixId) {
    public static final Span WIDE = SheetSizing.WIDE;
    public static final Span LONG = SheetSizing.LONG;
    public static final Span THICK = RollerMachine.THICK;
    public static final Span TRIM = SheetSizing.TRIM;

    /** Grams of it in one piece, with so much on at every edge. */
    Mass mass(Density density, Length edge) {
        double mm3 = thick.mm() * (wide.mm() + 2 * edge.mm()) * (longMm + 2 * edge.mm());
        return new Mass(density.gPerCm3() * mm3 / 1000);
    }
}
