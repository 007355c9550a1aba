package fairember.core.covering;

import fairember.core.workings.Source;
import fairember.core.workings.Workings;

/** How the grams of a layer, and of what covers a surface, come about. */
public final class CoveringWorkings {
    private CoveringWorkings() {}

    public static Workings of(Covering covering) {
        return Workings.of("Layer over a form")
                .given("A", "surface of the form", covering.form().surface().mm2(), "mm²", Source.WORKED)
                .given("M", "integral of its mean curvature", covering.form().meanCurvature(), "mm", Source.WORKED)
                .given("s", "share of the surface", covering.share().percent(), "%", Source.ENTERED)
                .given("t", "thickness of the layer", covering.thick().mm(), "mm", Source.ENTERED)
                .given("c", "trimmed off", covering.trim().percent(), "%", Source.ENTERED)
                .given("ρ", "density", covering.density().gPerCm3(), "g/cm³", Source.PACKET)
                .worked("V", "clay", covering.volume().mm3(), "mm³", "s/100·(A·t + M·t² + 4·π·t³/3)")
                .worked("m", "grams", covering.mass().g(), "g", "ρ·V/1000")
                .worked("W", "sheet to roll", covering.sheet().mm2(), "mm²", "s/100·(A + M·t + π·t²)·(1 + c/100)")
                .done();
    }

    public static Workings of(SurfaceCover cover) {
        CoverUnit unit = cover.unit();
        Workings.Steps steps = Workings.of(
                        "Covering the surface with " + unit.kind().label())
                .given("S", "covered", cover.surface().mm2(), "mm²", Source.WORKED)
                .given("d", "size across", unit.size().mm(), "mm", Source.ENTERED);
        String takes = switch (unit.kind()) {
            case SLICE -> {
                steps.given("o", "under the next", unit.overlap().percent(), "%", Source.ENTERED);
                yield "π·d²/4·(1 − o/100)";
            }
            case BALL -> "√(3)·d²/2";
            case STRAND -> "√(3)·d²/2";
            case CORD -> "d";
        };
        steps.worked("a", "taken up by each", unit.takes().mm2(), "mm²", takes);
        return steps.worked(
                        "n",
                        "pieces, or mm of cord",
                        cover.surface().mm2() / unit.takes().mm2(),
                        "",
                        "S/a")
                .done();
    }
}
