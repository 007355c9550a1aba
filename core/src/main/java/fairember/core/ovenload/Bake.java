package fairember.core.ovenload;

import fairember.core.measure.Gathering;
import fairember.core.measure.Minutes;
import fairember.core.measure.Span;
import fairember.core.measure.Temperature;
import fairember.core.shape.Box;
import java.util.List;

/**
 * A stage bake of so many things alike.
 *
 * @param key unique among the bakes of a plan
 * @param name piece and stage, in words
 * @param count things for the tray, 1 to 5000
 * @param unit box of one thing on the tray
 * @param low coolest temperature it takes
 * @param high warmest temperature it takes
 * @param hold minutes it needs
 * @param most minutes it may have, not under {@code hold}
 * @param after keys of the bakes that must be done and cooled first
 */
public record Bake(
        String key,
        String name,
        int count,
        Box unit,
        Temperature low,
        Temperature high,
        Minutes hold,
        Minutes most,
        List<String> after) {
    public static final Span COUNT = Span.count("count", "things for the tray", 1, 5000);

    /**
     * A bake whose minutes are in order.
     *
     * @throws fairember.core.measure.Refused when the count is outside its span or {@code most} is under {@code hold}
     */
    public Bake {
        after = List.copyOf(after);
        Gathering gathering = new Gathering();
        int counted = count;
        gathering.at("", () -> COUNT.check(counted));
        if (most.min() < hold.min()) {
            gathering.wrong(
                    "mostMin",
                    most.min() + " min",
                    hold.min() + " min or more",
                    "Let the most be no less than the need.");
        }
        gathering.orRefuse();
    }
}
