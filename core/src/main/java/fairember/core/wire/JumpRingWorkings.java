package fairember.core.wire;

import fairember.core.workings.Source;
import fairember.core.workings.Workings;

/** How the least jump ring for a hole comes about. */
public final class JumpRingWorkings {
    private JumpRingWorkings() {}

    public static Workings of(JumpRing ring) {
        double t = ring.thickness().mm();
        Workings.Steps steps = Workings.of("Jump ring for this hole")
                .given("t", "thickness at the hole", t, "mm", Source.ENTERED)
                .given("e", "middle of the hole to the edge", ring.edge().mm(), "mm", Source.ENTERED)
                .given("h", "hole", ring.hole().mm(), "mm", Source.ENTERED)
                .given("o", "wire of what hangs in it", ring.other().mm(), "mm", Source.ENTERED)
                .given("p", "room to move", JumpRing.PLAY, "mm", Source.CONSTANT)
                .worked("b", "between hole and edge", ring.bridge(), "mm", "e − h/2")
                .worked("x", "with what hangs beside it", ring.inside(), "mm", "b + o + p");
        String beside = ring.inside() < t / 2 ? "t" : "x + t^2/(4·x)";
        return steps.worked(
                        "D", "least inner diameter", ring.least().mm(), "mm", "max(√(b^2 + t^2) + p, " + beside + ")")
                .done();
    }
}
