package fairember.core.foilcore;

import fairember.core.input.Figures;
import fairember.core.input.InvalidInputException;
import fairember.core.quantity.Density;
import fairember.core.quantity.Length;
import fairember.core.quantity.Mass;
import fairember.core.quantity.Volume;
import fairember.core.shape.Floor;
import fairember.core.shape.Inset;
import fairember.core.shape.Lobes;
import fairember.core.shape.Solid;
import org.hipparchus.analysis.UnivariateFunction;
import org.hipparchus.analysis.solvers.BisectionSolver;

/** Sizes a foil core from the outline and the shell. */
public final class FoilCoreSizing {
    /** Surface that one vent serves: a rule of thumb for a pin hole every few centimetres. */
    private static final double EXACT_MM = 1e-9;

    private static final int MOST_TRIES = 200;
    private static final double MM2_A_VENT = 2500;

    private FoilCoreSizing() {}

    /**
     * The core that leaves a shell of clay.
     *
     * @param part name of the part, for the advice
     * @param greatest the thickest section its clay cures through
     * @throws InvalidInputException on "shellMm", "floor" or "lobes" when the shape takes no such core or the shell leaves no room for one
     */
    public static SizedCore size(String part, Solid outer, CoreSpec spec, FoilRoll roll, Length greatest) {
        check(outer, spec);
        Inset inset = Lobes.of(outer, spec.shell(), spec.floor(), spec.lobes()).orElseThrow(() -> noRoom(outer, spec));
        Volume coreVolume = inset.volume();
        Volume clay = new Volume(Math.max(0, outer.volume().mm3() - coreVolume.mm3()));
        Density density = roll.packed().of(spec.packing());
        Mass foil = spec.hollow() ? Mass.ZERO : density.of(coreVolume);
        int vents = (int) Math.max(1, Math.round(outer.surface().mm2() / MM2_A_VENT));
        return new SizedCore(
                outer,
                spec,
                inset,
                density,
                clay,
                coreVolume,
                foil,
                roll.areaOf(foil),
                roll.tornFor(foil),
                vents,
                CoreReview.of(part, outer, spec, inset, greatest));
    }

    private static void check(Solid outer, CoreSpec spec) {
        String shape = outer.kind().label();
        if (!outer.kind().takesCore()) {
            throw new InvalidInputException(
                    "shellMm",
                    "a core in a " + shape,
                    "no core in sheets, cords and tubes",
                    "Remove the core, or use a solid shape.");
        }
        if (spec.floor() == Floor.OPEN && !outer.kind().flatBase()) {
            throw new InvalidInputException(
                    "floor",
                    "an open base under a " + shape,
                    "an open base only under a flat shape",
                    "Choose a covered base, or a shape with a flat base.");
        }
        if (spec.lobes() > 1 && !Lobes.splits(outer.kind())) {
            throw new InvalidInputException(
                    "lobes",
                    spec.lobes() + " cores in a " + shape,
                    "one core; rods, cut cones and blocks can have more",
                    "Use one core.");
        }
    }

    private static InvalidInputException noRoom(Solid outer, CoreSpec spec) {
        if (spec.lobes() > 1) {
            return new InvalidInputException(
                    "lobes",
                    spec.lobes() + " cores with " + Figures.show(spec.shell().mm(), "mm") + " around each",
                    "fewer cores or a thinner shell in this part",
                    "Use fewer cores, or make the shell thinner.");
        }
        double most = mostShell(outer, spec.floor());
        return new InvalidInputException(
                "shellMm",
                Figures.show(spec.shell().mm(), "mm"),
                "under " + Figures.show(most, "mm") + " in this part",
                "Make the shell thinner or the part larger, or remove the core.");
    }

    /** The wall at which the core vanishes, by bisection. */
    private static double mostShell(Solid outer, Floor floor) {
        UnivariateFunction room = wall -> outer.inset(new Length(wall), floor).isPresent() ? 1 : -1;
        double longest = outer.box().longest().mm();
        if (room.value(EXACT_MM) < 0) {
            return 0;
        }
        double vanishes = new BisectionSolver(EXACT_MM).solve(MOST_TRIES, room, EXACT_MM, longest);
        return Math.floor(vanishes * 1000) / 1000;
    }
}
