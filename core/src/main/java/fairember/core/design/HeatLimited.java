package fairember.core.design;

import fairember.core.advice.Advice;
import fairember.core.bake.SharedWindow;
import fairember.core.input.Figures;
import fairember.core.quantity.Temperature;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Something in the oven that is not clay, and may get only so hot. */
interface HeatLimited {
    String name();

    /** The hottest it may get, or null when nobody knows. */
    @Nullable
    Temperature ceiling();

    /** The window no hotter than any of them may get; no window at all when one takes less than the clay needs. */
    static SharedWindow under(SharedWindow window, List<HeatLimited> inOven) {
        SharedWindow limited = window;
        for (HeatLimited thing : inOven) {
            Temperature ceiling = thing.ceiling();
            if (ceiling != null) {
                limited = limited.under(ceiling);
            }
        }
        return limited;
    }

    /** Those that cannot take the coolest bake that cures the clay, and those of which nobody knows. */
    static List<Advice> advice(String about, SharedWindow window, List<HeatLimited> inOven) {
        List<Advice> advice = new ArrayList<>();
        for (HeatLimited thing : inOven) {
            Temperature ceiling = thing.ceiling();
            if (ceiling == null) {
                advice.add(Advice.caution(
                        "heat-limit-unknown",
                        "%s: %s is in the oven, and its highest safe temperature is unknown."
                                .formatted(about, thing.name()),
                        "Enter its highest safe temperature, or take it out before baking.",
                        thing.name()));
            } else if (ceiling.compareTo(window.low()) < 0) {
                advice.add(Advice.stop(
                        "heat-limit",
                        "%s: %s is safe up to %s °C, but its clay needs %s °C or more."
                                .formatted(
                                        about,
                                        thing.name(),
                                        Figures.show(ceiling.c()),
                                        Figures.show(window.low().c())),
                        "Take it out before baking, or use a clay that cures at a lower temperature.",
                        thing.name()));
            }
        }
        return advice;
    }
}
