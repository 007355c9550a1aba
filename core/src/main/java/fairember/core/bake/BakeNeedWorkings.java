package fairember.core.bake;

import fairember.core.workings.Source;
import fairember.core.workings.Workings;

/** How the baking time of a stage bake comes about. */
public final class BakeNeedWorkings {
    private BakeNeedWorkings() {}

    public static Workings of(BakeNeed need) {
        if (need.drying().isPresent()) {
            return Workings.of("Drying")
                    .given("T", "thickest section", need.thickest().mm(), "mm", Source.WORKED)
                    .given(
                            "k",
                            "minutes in air per 6 mm",
                            need.window().dries().orElseThrow().min(),
                            "min",
                            Source.PACKET)
                    .worked("d", "drying", need.drying().orElseThrow().min(), "min", "k·T/6")
                    .done();
        }
        Workings.Steps steps = Workings.of("Baking time of a " + need.kind().label());
        if (need.own()
                .map(OwnBake::baking)
                .filter(own -> own.equals(need.bakingTime()))
                .isPresent()) {
            return steps.given("h", "own baking time", need.bakingTime().min(), "min", Source.ENTERED)
                    .done();
        }
        if (need.kind() != StageKind.FULL_BAKE) {
            boolean paint = need.kind() == StageKind.PAINT;
            double minutes = (paint ? need.rules().paint() : need.rules().set()).min();
            return steps.given("s", paint ? "time that sets paint" : "part-bake", minutes, "min", Source.ENTERED)
                    .worked("h", "baking time", need.bakingTime().min(), "min", "s")
                    .done();
        }
        steps.given("T", "thickest section", need.thickest().mm(), "mm", Source.WORKED)
                .given("k", "minutes per 6 mm", need.window().per6Mm().min(), "min", Source.PACKET)
                .given("l", "least baking time", need.window().least().min(), "min", Source.PACKET)
                .worked("b", "by section", need.bySection().min(), "min", "k·T/6");
        boolean longAndLow = need.rules().bakingMethod() == BakingMethod.LONG_AND_LOW;
        if (longAndLow) {
            steps.given("H", "time of long and low", need.rules().longAndLow().min(), "min", Source.ENTERED);
        }
        String packet = longAndLow ? "max(H, max(l, b))" : "max(l, b)";
        if (need.near().isEmpty()) {
            return steps.worked("h", "baking time", need.bakingTime().min(), "min", packet)
                    .done();
        }
        return steps.given(
                        "t",
                        "until the middle is within 5 °C",
                        need.near().get().min(),
                        "min",
                        Source.WORKED)
                .worked("h", "baking time", need.bakingTime().min(), "min", "max(%s, 1.15·t + 10)".formatted(packet))
                .done();
    }
}
