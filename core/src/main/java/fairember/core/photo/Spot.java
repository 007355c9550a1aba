package fairember.core.photo;

import fairember.core.input.Gathering;
import fairember.core.input.Span;

/**
 * A place in a picture, as a share of its width and its height.
 *
 * @param across from the left, 0 to 1
 * @param down from the top, 0 to 1
 */
public record Spot(double across, double down) {
    private static final Span ACROSS = Span.of("across", "position across the photo", 0, 1, "");
    private static final Span DOWN = Span.of("down", "position down the photo", 0, 1, "");

    /** A place inside the picture; refused when it is not. */
    public Spot {
        Gathering g = new Gathering();
        g.within(ACROSS, across);
        g.within(DOWN, down);
        g.orRefuse();
    }
}
