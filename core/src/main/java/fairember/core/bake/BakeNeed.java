package fairember.core.bake;

import fairember.core.advice.Advice;
import fairember.core.quantity.Length;
import fairember.core.quantity.Minutes;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What one stage bake needs of the oven.
 *
 * @param kind of stage
 * @param rules it was calculated by
 * @param window temperatures that suit every clay in it
 * @param thickest section heat has to cross
 * @param bySection minutes the packet's rate gives for that section
 * @param bakingTime minutes in the oven at temperature; none when it dries in the air
 * @param near until the middle of its slowest part is within 5 °C of the oven, where the baking time follows the heat
 * @param drying minutes in the air, for clay that is not baked
 * @param own figures of the maker that it follows
 * @param most minutes the packet allows in one bake; the baking time may be over it, which is reported
 * @param reason why that baking time, in words
 * @param advice what the rules say of it
 */
public record BakeNeed(
        StageKind kind,
        BakeRules rules,
        SharedWindow window,
        Length thickest,
        Minutes bySection,
        Minutes bakingTime,
        Optional<Minutes> near,
        Optional<Minutes> drying,
        Optional<OwnBake> own,
        Minutes most,
        String reason,
        List<Advice> advice) {
    public BakeNeed {
        advice = List.copyOf(advice);
    }

    /** The longest it is held in a load with others: what the packet allows, or its own baking time when that is longer. */
    public Minutes cap() {
        return new Minutes(Math.max(most.min(), bakingTime.min()));
    }

    /** The same by the maker's own figures. */
    BakeNeed by(OwnBake figures, SharedWindow at, Minutes minutes, String why) {
        return new BakeNeed(
                kind, rules, at, thickest, bySection, minutes, near, drying, Optional.of(figures), most, why, advice);
    }

    /** The same with another baking time, for a reason, and with more advice. */
    BakeNeed withBakingTime(Minutes longer, Optional<Minutes> hot, String why, List<Advice> more) {
        List<Advice> all = new ArrayList<>(advice);
        all.addAll(more);
        return new BakeNeed(kind, rules, window, thickest, bySection, longer, hot, drying, own, most, why, all);
    }
}
