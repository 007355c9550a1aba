package fairember.core.design;

import fairember.core.document.Default;
import fairember.core.input.Gathering;
import fairember.core.input.Span;
import fairember.core.quantity.Length;
import fairember.core.quantity.Share;

/**
 * A picture behind a view of a design: a sketch, or a photo of the real thing. Parts are drawn against it.
 *
 * @param pictureId number of the picture
 * @param side the view it stands behind
 * @param width of the whole picture, at the size of the design
 * @param height of the whole picture
 * @param acrossMm of its middle, from the design's axis: to the right from the front, away from the front from the side
 * @param upMm of its foot, above the ground
 * @param strength how plainly it is seen, 5 to 100 %
 * @param sized whether it was set to size by a length that is known
 */
public record Underlay(
        long pictureId,
        Side side,
        Length width,
        Length height,
        double acrossMm,
        double upMm,
        @Default("50") Share strength,
        @Default("false") boolean sized) {
    public static final Span WIDTH = Span.of("widthMm", "width of the picture", 1, 4000, "mm");
    public static final Span HEIGHT = Span.of("heightMm", "height of the picture", 1, 4000, "mm");
    public static final Span ACROSS = Span.of("acrossMm", "across from the middle", -2000, 2000, "mm");
    public static final Span UP = Span.of("upMm", "height of its foot", -2000, 2000, "mm");
    public static final Span STRENGTH = Span.of("strengthPercent", "strength", 5, 100, "%");

    /** The view that a picture stands behind. */
    public enum Side {
        FRONT,
        SIDE
    }

    /**
     * A picture within reach.
     *
     * @throws fairember.core.input.InvalidInputException when a measure is outside its span
     */
    public Underlay {
        Gathering gathering = new Gathering();
        gathering.within(WIDTH, width.mm());
        gathering.within(HEIGHT, height.mm());
        gathering.within(ACROSS, acrossMm);
        gathering.within(UP, upMm);
        gathering.within(STRENGTH, strength.percent());
        gathering.orRefuse();
    }

    /** The same where all of the design is larger or smaller. */
    Underlay times(double factor) {
        return new Underlay(
                pictureId,
                side,
                width.times(factor),
                height.times(factor),
                acrossMm * factor,
                upMm * factor,
                strength,
                sized);
    }
}
