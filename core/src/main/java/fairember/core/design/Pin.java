package fairember.core.design;

import fairember.core.input.Gathering;

/**
 * Where a design hangs from: the eye of its pin, in the plane of the front view.
 *
 * @param acrossMm right of the axis, −400 to 400
 * @param upMm above the ground, −50 to 400
 */
public record Pin(double acrossMm, double upMm) {
    public Pin {
        Gathering gathering = new Gathering();
        double across = acrossMm;
        double up = upMm;
        gathering.at("", () -> Placement.ACROSS.check(across));
        gathering.at("", () -> Placement.UP.check(up));
        gathering.orRefuse();
    }
}
