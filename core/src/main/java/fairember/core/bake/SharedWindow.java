package fairember.core.bake;

import fairember.core.quantity.Length;
import fairember.core.quantity.Minutes;
import fairember.core.quantity.Temperature;
import java.util.List;
import java.util.Optional;

/**
 * What several clays baked together must keep: windows intersect, minutes take the greatest, ceilings and greatest
 * sections the least.
 *
 * @param low warmest of the low ends
 * @param high coolest of the high ends; under {@code low} when the windows do not meet
 * @param per6Mm slowest rate
 * @param least longest least baking time
 * @param most shortest longest baking time
 * @param greatest thinnest greatest section
 * @param dries slowest drying per 6 mm, when all of them dry in the air
 * @param mixed whether some dry in the air and some are baked
 * @param ceiling lowest of the temperatures never to pass
 * @param closedByInsert whether something that stays in takes less than the clay needs
 */
public record SharedWindow(
        Temperature low,
        Temperature high,
        Minutes per6Mm,
        Minutes least,
        Minutes most,
        Length greatest,
        Optional<Minutes> dries,
        boolean mixed,
        Temperature ceiling,
        boolean closedByInsert) {

    /** The window of one clay or of several; the list must not be empty. */
    public static SharedWindow of(List<ClayWindow> clays) {
        SharedWindow shared = alone(clays.get(0));
        for (ClayWindow clay : clays) {
            shared = shared.and(alone(clay));
        }
        return shared;
    }

    private static SharedWindow alone(ClayWindow clay) {
        return new SharedWindow(
                clay.low(),
                clay.high(),
                clay.per6Mm(),
                clay.least(),
                clay.most(),
                clay.greatest(),
                clay.dries(),
                false,
                clay.ceiling(),
                false);
    }

    /** Both windows together. */
    public SharedWindow and(SharedWindow other) {
        return new SharedWindow(
                low.greatest(other.low),
                high.least(other.high),
                new Minutes(Math.max(per6Mm.min(), other.per6Mm.min())),
                new Minutes(Math.max(least.min(), other.least.min())),
                new Minutes(Math.min(most.min(), other.most.min())),
                new Length(Math.min(greatest.mm(), other.greatest.mm())),
                dries.flatMap(mine -> other.dries.map(theirs -> mine.compareTo(theirs) > 0 ? mine : theirs)),
                mixed || other.mixed || dries.isPresent() != other.dries.isPresent(),
                ceiling.least(other.ceiling),
                closedByInsert || other.closedByInsert);
    }

    /** The same window, no hotter than something in it may get. */
    public SharedWindow under(Temperature hottest) {
        boolean closed = hottest.compareTo(low) < 0;
        return new SharedWindow(
                low,
                high.least(hottest),
                per6Mm,
                least,
                most,
                greatest,
                dries,
                mixed,
                ceiling.least(hottest),
                closedByInsert || closed);
    }

    /** The same window closed to one temperature. */
    public SharedWindow at(Temperature only) {
        return new SharedWindow(only, only, per6Mm, least, most, greatest, dries, mixed, ceiling, closedByInsert);
    }

    /** Whether there is a temperature that suits all of them. */
    public boolean meets() {
        return low.compareTo(high) <= 0;
    }
}
