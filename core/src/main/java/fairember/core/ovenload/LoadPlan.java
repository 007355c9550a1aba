package fairember.core.ovenload;

import fairember.core.advice.Advice;
import fairember.core.quantity.Minutes;
import java.util.List;

/**
 * Loads in the order they go in, and when the hands shape for them.
 *
 * @param hands tasks that have minutes, in the order they begin
 * @param loads none of which holds a bake together with one that must come first
 * @param scores in the order of the problem's objectives
 * @param advice on bakes that could not be planned, and on what the plan had to leave undone
 */
public record LoadPlan(List<Shaping> hands, List<PlannedLoad> loads, List<Score> scores, List<Advice> advice) {
    public LoadPlan {
        hands = List.copyOf(hands);
        loads = List.copyOf(loads);
        scores = List.copyOf(scores);
        advice = List.copyOf(advice);
    }

    /**
     * The task of the hands for a bake.
     *
     * @param key of the bake
     * @param begin from the zero of the plan
     * @param end after {@code begin} by its minutes, and by the hours closed between when it may be broken
     */
    public record Shaping(BakeKey key, Minutes begin, Minutes end) {}

    /** The value of an objective. */
    public double value(Objective objective) {
        return scores.stream()
                .filter(s -> s.objective() == objective)
                .mapToDouble(Score::value)
                .findFirst()
                .orElseThrow();
    }
}
