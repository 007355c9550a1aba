package fairember.core.design;

import fairember.core.heat.Air;
import fairember.core.heat.HeatedPiece;
import fairember.core.quantity.Minutes;
import java.util.List;

/**
 * A stage bake as heat goes through it, in an oven that is hot already.
 *
 * @param slowest the clay whose middle is warm last
 * @param setC temperature of the oven: the low end of the stage's window
 * @param bakingTime that the stage is to have
 * @param heated the slowest part, over that baking time
 * @param air that gives it the heat
 * @param near until its middle is within 5 °C of the oven
 * @param planned baking time after loading a hot oven: the stage's, or longer when the middle needs it
 * @param coolsSlowly until it can be handled, in the air
 * @param quenched until it can be handled, in cold water
 * @param bakingMethods what each way of counting gives, and how many minutes of it count
 */
public record HeatedStage(
        HeatedClay slowest,
        double setC,
        Minutes bakingTime,
        HeatedPiece heated,
        Air air,
        Minutes near,
        Minutes planned,
        List<ByMethod> bakingMethods,
        Minutes coolsSlowly,
        Minutes quenched) {
    public HeatedStage {
        bakingMethods = List.copyOf(bakingMethods);
    }

    /**
     * A baking time, and what of it counts.
     *
     * @param name of the way it is counted
     */
    public record ByMethod(String name, Minutes bakingTime, Minutes counting) {}

    /** Whether the stage's own baking time is too short for its slowest part. */
    public boolean tooShort() {
        return planned.min() > bakingTime.min() + 0.5;
    }
}
