package fairember.core.balance;

import fairember.core.advice.Advice;
import fairember.core.quantity.Mass;
import fairember.core.shape.Point3;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * How a design stands, hangs or is worn.
 *
 * @param weights all that weighs, each at its place
 * @param mass of the whole
 * @param centre of mass
 * @param solidMass what it would weigh without cores
 * @param solidCentre where its centre of mass would then be
 * @param standing when it stands, or null
 * @param solidStanding the same without cores, or null
 * @param ballast what would fix it, when it does not stand well; empty otherwise
 * @param hangTiltDeg how far its right side sinks when it hangs from its pin, degrees; null without a pin
 * @param topShare height of the centre of mass along the stick, the stick weighed too, as a share of its length; null for all
 *     but toppers on a stick
 * @param earring weight of one, or null for all but earrings
 * @param advice what the rules say of it
 */
public record Balance(
        List<Weight> weights,
        Mass mass,
        Point3 centre,
        Mass solidMass,
        Point3 solidCentre,
        @Nullable Standing standing,
        @Nullable Standing solidStanding,
        List<Ballast> ballast,
        @Nullable Double hangTiltDeg,
        @Nullable Double topShare,
        @Nullable Mass earring,
        List<Advice> advice) {
    /** A centre of mass over this share of the stick makes a topper top-heavy. */
    public static final double TOP_HEAVY = 0.8;

    public Balance {
        weights = List.copyOf(weights);
        ballast = List.copyOf(ballast);
        advice = List.copyOf(advice);
    }
}
