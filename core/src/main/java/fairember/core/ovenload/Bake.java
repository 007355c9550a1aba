package fairember.core.ovenload;

import fairember.core.input.Gathering;
import fairember.core.input.Span;
import fairember.core.quantity.Minutes;
import fairember.core.quantity.Temperature;
import fairember.core.shape.Box;
import java.util.List;
import java.util.OptionalDouble;

/**
 * A stage bake of a number of things alike, and what the hands must do before it.
 *
 * @param key unique among the bakes of a plan
 * @param name piece and stage, in words
 * @param count things for the tray, 1 to 5000
 * @param least of them in one load, 1 or more; when there are fewer, all of them
 * @param unit box of one thing on the tray; its height is what it wants free above the tray
 * @param turns whether its box may be turned by 90° on the tray
 * @param low coolest temperature it takes
 * @param high warmest temperature it takes
 * @param bakingTime minutes it needs
 * @param most minutes it may have, not under {@code bakingTime}
 * @param hands what the hands do before it goes in
 * @param after bakes that must be done and cooled before the hands begin
 * @param due minutes from the zero of the plan when its last load should be out, before zero when that is past; empty
 *     when nobody waits
 */
public record Bake(
        BakeKey key,
        String name,
        int count,
        int least,
        Box unit,
        boolean turns,
        Temperature low,
        Temperature high,
        Minutes bakingTime,
        Minutes most,
        Hands hands,
        List<Wait> after,
        OptionalDouble due) {
    public static final Span COUNT = Span.count("count", "things for the tray", 1, 5000);
    public static final Span LEAST = Span.count("least", "things in one load", 1, 5000);

    /**
     * A task of the hands, done without a break unless the makers may break it at closing.
     *
     * @param from earliest moment it may begin, from the zero of the plan
     * @param work minutes of it; 0 when there is nothing to do but to wait for {@code from}
     */
    public record Hands(Minutes from, Minutes work) {
        public static final Hands NONE = new Hands(Minutes.ZERO, Minutes.ZERO);
    }

    /**
     * A bake that comes first.
     *
     * @param key of that bake
     * @param cooling minutes from the end of its last load until the hands may begin here
     */
    public record Wait(BakeKey key, Minutes cooling) {}

    /**
     * A bake whose minutes and counts are in order.
     *
     * @throws fairember.core.input.InvalidInputException when a count is outside its span or {@code most} is under {@code bakingTime}
     */
    public Bake {
        after = List.copyOf(after);
        Gathering gathering = new Gathering();
        gathering.within(COUNT, count);
        gathering.within(LEAST, least);
        if (most.min() < bakingTime.min()) {
            gathering.error(
                    "mostMin",
                    most.min() + " min",
                    bakingTime.min() + " min or more",
                    "Raise the longest time, or lower the time needed.");
        }
        gathering.orRefuse();
    }

    /** A bake that may be turned, alone or with others, with nothing for the hands and nobody waiting. */
    public static Bake plain(
            String name, int count, Box unit, Temperature low, Temperature high, Minutes bakingTime, Minutes most) {
        return new Bake(
                BakeKey.of(name),
                name,
                count,
                1,
                unit,
                true,
                low,
                high,
                bakingTime,
                most,
                Hands.NONE,
                List.of(),
                OptionalDouble.empty());
    }

    /** The same bake after others. */
    public Bake after(List<Wait> waits) {
        return new Bake(key, name, count, least, unit, turns, low, high, bakingTime, most, hands, waits, due);
    }

    /** The same bake with something for the hands. */
    public Bake shaped(Hands task) {
        return new Bake(key, name, count, least, unit, turns, low, high, bakingTime, most, task, after, due);
    }

    /** A number of the same. */
    public Bake counting(int items) {
        return new Bake(key, name, items, least, unit, turns, low, high, bakingTime, most, hands, after, due);
    }

    /** The same bake with somebody waiting. */
    public Bake dueAt(double min) {
        return new Bake(
                key,
                name,
                count,
                least,
                unit,
                turns,
                low,
                high,
                bakingTime,
                most,
                hands,
                after,
                OptionalDouble.of(min));
    }
}
