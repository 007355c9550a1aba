package fairember.core.claysheet;

import fairember.core.workings.Source;
import fairember.core.workings.Workings;

/** How the pieces and the passes of a blend come about. */
public final class PlannedBlendWorkings {
    private PlannedBlendWorkings() {}

    public static Workings of(PlannedBlend planned) {
        Blend blend = planned.blend();
        return Workings.of("The two pieces of the blend")
                .given("W", "width", blend.wide().mm(), "mm", Source.ENTERED)
                .given("L", "length of the finished sheet", blend.length().mm(), "mm", Source.ENTERED)
                .given("t", "thickness of the finished sheet", blend.thick().mm(), "mm", Source.CALIBRATED)
                .given("t0", "sheets to cut from", blend.start().mm(), "mm", Source.CALIBRATED)
                .given("a", "first colour plain at its edge", blend.plainFirst().mm(), "mm", Source.ENTERED)
                .given(
                        "b",
                        "second colour plain at its edge",
                        blend.plainSecond().mm(),
                        "mm",
                        Source.ENTERED)
                .given("q1", "density of the first", blend.first().gPerCm3(), "g/cm³", Source.PACKET)
                .given("q2", "density of the second", blend.second().gPerCm3(), "g/cm³", Source.PACKET)
                .given("d", "layers thinner than this look even", BlendPlanning.EVEN_MM, "mm", Source.CONSTANT)
                .given("k", "allowance for folds by hand", BlendPlanning.BY_HAND, "times", Source.CONSTANT)
                .worked("H", "height of the pieces", planned.high().mm(), "mm", "L·t/t0")
                .worked("m1", "first colour", planned.firstMass().g(), "g", "H·(a + (W − a − b)/2)·t0·q1/1000")
                .worked("m2", "second colour", planned.secondMass().g(), "g", "H·(b + (W − a − b)/2)·t0·q2/1000")
                .worked("n", "passes with exact folds", planned.evenPasses(), "", "ceil(log(t0/d)/log(2))")
                .worked("N", "passes by hand", planned.passes(), "", "ceil(k·n)")
                .done();
    }
}
