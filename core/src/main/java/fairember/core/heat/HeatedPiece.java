package fairember.core.heat;

import fairember.core.quantity.Minutes;
import java.util.List;
import java.util.Optional;

/**
 * How a piece was heated.
 *
 * @param body as heat saw it
 * @param samples over the time, the first at 0
 * @param near when its coldest clay was within 5 °C of the air, and stayed so to the end
 * @param warm when its coldest clay came into the window
 * @param counting minutes in which all of its clay was inside the window
 * @param hottest °C, of any of its clay at any time
 */
public record HeatedPiece(
        HeatBody body,
        List<Sample> samples,
        Optional<Minutes> near,
        Optional<Minutes> warm,
        Minutes counting,
        double hottest) {
    public HeatedPiece {
        samples = List.copyOf(samples);
    }

    /** The air, the middle of the piece and its outside at a time. */
    public record Sample(double min, double airC, double centreC, double outsideC) {}
}
