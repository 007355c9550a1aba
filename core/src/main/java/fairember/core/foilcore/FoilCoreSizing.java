package fairember.core.foilcore;

import fairember.core.measure.Figures;
import fairember.core.measure.Length;
import fairember.core.measure.Mass;
import fairember.core.measure.Refused;
import fairember.core.measure.Volume;
import fairember.core.shape.InnerBall;
import fairember.core.shape.Solid;

/** Sizes a foil core from the outline and the shell. */
public final class FoilCoreSizing {
    private FoilCoreSizing() {}

    /**
     * The core that leaves a shell of clay all round.
     *
     * @param part name of the part, for the findings
     * @param greatest the thickest section its clay cures through
     * @throws Refused on "shellMm" when the shape takes no core or the shell leaves no room for one
     */
    public static SizedCore size(String part, Solid outer, CoreSpec spec, FoilRoll roll, Length greatest) {
        Solid inner = outer.inset(spec.shell()).orElseThrow(() -> noRoom(outer, spec));
        Volume coreVolume = inner.volume();
        Volume clay = new Volume(Math.max(0, outer.volume().mm3() - coreVolume.mm3()));
        Mass foil = spec.packing().density().of(coreVolume);
        InnerBall thickest = outer.thickestInWall(spec.shell());
        return new SizedCore(
                outer,
                spec,
                inner,
                clay,
                coreVolume,
                foil,
                roll.areaOf(foil),
                roll.tornFor(foil),
                spec.shell(),
                thickest,
                CoreReview.of(part, outer, spec, thickest.diameter(), greatest));
    }

    private static Refused noRoom(Solid outer, CoreSpec spec) {
        if (outer.kind().sheet()) {
            return new Refused(
                    "shellMm",
                    "a core in a " + outer.kind().label(),
                    "no core in sheet parts",
                    "Take the core out, or use a solid shape.");
        }
        // Half the thickest section is the radius of the largest ball inside: the inset vanishes there.
        double most = outer.thickestSection().mm() / 2;
        return new Refused(
                "shellMm",
                Figures.show(spec.shell().mm(), "mm"),
                "under " + Figures.show(most, "mm") + " in this part",
                "Make the shell thinner, the part larger, or take the core out.");
    }
}
