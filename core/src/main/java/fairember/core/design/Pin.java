package fairember.core.design;

import fairember.core.input.Gathering;
import fairember.core.input.Span;

/**
 * Where a design hangs from: the eye of its pin, in the plane of the front view.
 *
 * @param acrossMm right of the axis, −400 to 400
 * @param upMm above the ground, −50 to 400
 */
public record Pin(double acrossMm, double upMm) {
    public static final Span ACROSS = Placement.ACROSS;
    public static final Span UP = Placement.UP;

    public Pin {
        Gathering gathering = new Gathering();
        gathering.within(ACROSS, acrossMm);
        gathering.within(UP, upMm);
        gathering.orRefuse();
    }
}
