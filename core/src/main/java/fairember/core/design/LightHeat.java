package fairember.core.design;

import fairember.core.advice.Advice;
import fairember.core.bake.BakeNeed;
import fairember.core.input.Figures;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Light colours brown when they are in the heat too long, all bakes together. */
final class LightHeat {
    /** From this lightness (CIE L*) on browning shows; white is 100. */
    static final double LIGHT_L = 78;

    /** Minutes of heat in all that light clay bears well; an estimate. */
    static final double BEARS_MIN = 120;

    private LightHeat() {}

    /** A finding for each light mix that is in the oven too long. */
    static List<Advice> advice(Design design, List<MeasuredPart> parts, List<MeasuredStage> stages) {
        AssemblyTree tree = design.tree();
        Map<String, Double> longest = new LinkedHashMap<>();
        for (MeasuredPart part : parts) {
            if (part.mix().colour().cured().lab().l() >= LIGHT_L) {
                List<Integer> way = tree.way(part.part().from());
                double minutes = 0;
                for (int i = 0; i < stages.size(); i++) {
                    BakeNeed need = stages.get(i).need();
                    minutes += way.contains(i) ? need.bakingTime().min() : 0;
                }
                longest.merge(part.mix().mix().name(), minutes, Math::max);
            }
        }
        List<Advice> advice = new ArrayList<>();
        longest.forEach((mix, minutes) -> {
            if (minutes > BEARS_MIN) {
                advice.add(Advice.caution(
                        "light-long",
                        "%s: %s is light and gets %s of heat in total; above %s it may turn brown."
                                .formatted(
                                        design.name(),
                                        mix,
                                        Figures.show(Math.rint(minutes), "min"),
                                        Figures.show(BEARS_MIN, "min")),
                        "Tent it with foil, shorten the part-bakes, or add this part in a later bake.",
                        design.name()));
            }
        });
        return advice;
    }
}
