package fairember.core.bake;

import fairember.core.advice.Advice;
import fairember.core.input.Figures;
import java.util.ArrayList;
import java.util.List;

/** What the packets' greatest section and ceiling say of a bake, where no single part of a design is looked at. */
public final class PacketReview {
    private PacketReview() {}

    /** Advice on a section over the greatest, and on temperatures at or over the lowest ceiling. */
    public static List<Advice> of(String about, BakeNeed need) {
        List<Advice> advice = new ArrayList<>();
        SharedWindow window = need.window();
        if (need.thickest().compareTo(window.greatest()) > 0) {
            advice.add(Advice.stop(
                    "section-thick",
                    "%s: %s thick is over %s, the thickest section this clay cures through."
                            .formatted(
                                    about,
                                    Figures.show(need.thickest().mm(), "mm"),
                                    Figures.show(window.greatest().mm(), "mm")),
                    "Give it a foil core, build it in stages, or bake it until its middle is hot too.",
                    about));
        }
        if (window.low().compareTo(window.ceiling()) > 0) {
            advice.add(Advice.stop(
                    "over-ceiling",
                    "%s: one of its clays needs %s, and another must not exceed %s."
                            .formatted(
                                    about,
                                    Figures.show(window.low().c(), "°C"),
                                    Figures.show(window.ceiling().c(), "°C")),
                    "Bake the parts separately and join them cured.",
                    about));
        }
        return advice;
    }
}
