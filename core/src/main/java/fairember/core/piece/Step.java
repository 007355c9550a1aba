package fairember.core.piece;

import fairember.core.measure.Minutes;
import fairember.core.measure.Refused;
import fairember.core.measure.Span;
import fairember.core.measure.Words;

/**
 * A step of a route, done for the whole batch before the next.
 *
 * @param name 1 to 60 characters
 * @param station where it is done; a handwork one
 * @param setup minutes once for the batch, 0 to 480
 * @param each minutes for one piece, 0 to 480
 * @param stage the stage bake it must be done before, counted from 0; the number of stages when it comes after the last
 */
public record Step(String name, Station station, Minutes setup, Minutes each, int stage) {
    public static final Span SETUP = Span.of("setupMin", "set-up", 0, 480, "min");
    public static final Span EACH = Span.of("eachMin", "minutes per piece", 0, 480, "min");

    /**
     * A step of handwork.
     *
     * @throws Refused when the station is not one of handwork, or minutes are outside their span
     */
    public Step {
        name = Words.name("name", name);
        if (!station.handwork()) {
            throw new Refused(
                    "station",
                    station.label(),
                    "Cores, Mix, Portion, Shape, Finish or Fit",
                    "Choose where hands do it.");
        }
        SETUP.check(setup.min());
        EACH.check(each.min());
    }
}
