package fairember.core.loadsearch;

import fairember.core.ovenload.Objective;
import java.util.Map;

/**
 * What the solver came to.
 *
 * @param draft the best it found, or the one it began with
 * @param bounds by objective, in the table's own unit (ticks, loads, kWh): no plan that keeps to what the objectives
 *     before it reached has less; only for objectives it looked at
 */
record Solved(Draft draft, Map<Objective, Double> bounds) {
    Solved {
        bounds = Map.copyOf(bounds);
    }
}
