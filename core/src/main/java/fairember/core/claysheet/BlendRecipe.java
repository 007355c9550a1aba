package fairember.core.claysheet;

import fairember.core.document.RefersTo;
import fairember.core.input.Span;
import fairember.core.quantity.Density;
import fairember.core.quantity.Length;

/**
 * A graduated blend as it is written down, its mixes by number.
 *
 * @param wide of the sheet
 * @param longMm of the finished sheet
 * @param thick of the finished sheet
 * @param start thickness of the sheets the two pieces are cut from
 * @param plainFirst how wide the first colour stays plain at its edge
 * @param plainSecond how wide the second colour stays plain at its edge
 */
public record BlendRecipe(
        Length wide,
        double longMm,
        Length thick,
        Length start,
        Length plainFirst,
        Length plainSecond,
        @RefersTo("mix") long firstMixId,
        @RefersTo("mix") long secondMixId) {
    public static final Span WIDE = Blend.WIDE;
    public static final Span LONG = Blend.LONG;
    public static final Span THICK = RollerMachine.THICK;
    public static final Span START = Blend.START;
    public static final Span PLAIN_FIRST = Blend.PLAIN_FIRST;
    public static final Span PLAIN_SECOND = Blend.PLAIN_SECOND;

    /**
     * The blend of clays of these densities.
     *
     * @throws fairember.core.input.InvalidInputException with everything that is wrong
     */
    public Blend blend(Density first, Density second) {
        return new Blend(wide, new Length(longMm), thick, start, plainFirst, plainSecond, first, second);
    }
}
