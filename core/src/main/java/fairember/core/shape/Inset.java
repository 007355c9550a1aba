package fairember.core.shape;

import fairember.core.quantity.Length;
import fairember.core.quantity.Volume;
import java.util.List;

/**
 * The room for foil that a wall of clay leaves inside a solid.
 *
 * @param cores one, or several in a row with clay between them
 * @param thinnest least clay over the foil, square to the surface
 * @param thickest the largest ball that fits in the clay
 * @param exact whether the wall is even; if not, it is nowhere thicker than asked, but where an outline ends sooner than its wall
 */
public record Inset(List<Core> cores, Length thinnest, InnerBall thickest, boolean exact) {
    public Inset {
        cores = List.copyOf(cores);
    }

    /**
     * A core in its place.
     *
     * @param solid its shape
     * @param acrossMm its base right of the outer solid's axis, mm
     * @param frontMm its base before that axis, mm
     * @param raisedMm its base above the outer solid's base, mm
     */
    public record Core(Solid solid, double acrossMm, double frontMm, double raisedMm) {
        Core(Solid solid, double acrossMm, double raisedMm) {
            this(solid, acrossMm, 0, raisedMm);
        }
    }

    static Inset even(Solid core, double raised, Length wall, InnerBall thickest) {
        return new Inset(List.of(new Core(core, 0, raised)), wall, thickest, true);
    }

    /** All of the foil's room. */
    public Volume volume() {
        return new Volume(
                cores.stream().mapToDouble(core -> core.solid().volume().mm3()).sum());
    }
}
