package fairember.core.design;

import fairember.core.colour.ColourDifference;
import fairember.core.mix.HandlingOrder;
import fairember.core.mix.MeasuredMix;
import java.util.ArrayList;
import java.util.List;

/** Light colours are handled before dark ones: says where a dark part is made right before a light one on which its traces are seen. */
final class LightFirst {
    private LightFirst() {}

    /**
     * Steps that are out of this order.
     *
     * @param parts of the design, measured
     */
    static List<OrderBreak> breaks(Design design, List<MeasuredPart> parts) {
        List<OrderBreak> breaks = new ArrayList<>();
        for (int late = 1; late < design.steps().size(); late++) {
            Step before = design.steps().get(late - 1);
            Step after = design.steps().get(late);
            Integer dark = before.part();
            Integer light = after.part();
            if (dark == null
                    || light == null
                    || !handled(before)
                    || !handled(after)
                    || !before.at().equals(after.at())) {
                continue;
            }
            MeasuredMix first = parts.get(dark).mix();
            MeasuredMix then = parts.get(light).mix();
            if (lightness(first) < lightness(then) && HandlingOrder.tint(first, then) >= ColourDifference.SEEN) {
                breaks.add(new OrderBreak(
                        "light-first",
                        late,
                        late - 1,
                        false,
                        before.at(),
                        "'%s' in %s comes right after '%s' in %s: what clings to hands and tools shows on the lighter clay."
                                .formatted(
                                        after.name(),
                                        then.mix().name(),
                                        before.name(),
                                        first.mix().name()),
                        "Move '%s' before '%s', or wipe hands and tools between them."
                                .formatted(after.name(), before.name())));
            }
        }
        return breaks;
    }

    /** Whether raw clay passes through hands in a step. */
    private static boolean handled(Step step) {
        return step.station() == Station.WEIGH_OUT || step.station() == Station.SHAPE;
    }

    private static double lightness(MeasuredMix mix) {
        return mix.colour().raw().lab().l();
    }
}
