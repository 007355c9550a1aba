package fairember.core.design;

import fairember.core.bake.StageKind;
import fairember.core.foilcore.CoreSpec;
import fairember.core.foilcore.Packing;
import fairember.core.quantity.Length;
import fairember.core.quantity.Minutes;
import fairember.core.shape.Facing;
import fairember.core.shape.ShapeKind;
import fairember.core.shape.Shapes;
import fairember.core.shape.Solid;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import java.util.function.UnaryOperator;

/** Designs made by lot: parts of every kind, turned, leaned, in pairs and rings, some with cores. */
public final class RandomDesigns {
    private RandomDesigns() {}

    /** Six parts of kinds drawn by lot, none under the ground. */
    public static Design of(SplittableRandom random) {
        List<Part> parts = new ArrayList<>();
        for (int i = 0; i < 6; i++) {
            parts.add(part("Part " + i, random));
        }
        return made(parts);
    }

    public static Design made(List<Part> parts) {
        Stage whole = new Stage("whole", StageKind.FULL_BAKE, new Minutes(20));
        return new Design(
                1,
                "Design",
                "",
                DesignKind.SET_PIECE,
                Pose.STANDS,
                parts,
                List.of(whole),
                List.of(),
                List.of(),
                List.of(),
                Armature.NONE,
                null);
    }

    private static Part part(String name, SplittableRandom random) {
        ShapeKind kind = ShapeKind.values()[random.nextInt(ShapeKind.values().length)];
        Solid solid = Shapes.of(kind, random);
        boolean cored = kind.takesCore() && random.nextInt(3) > 0;
        CoreSpec core =
                cored ? new CoreSpec(new Length(0.2 * solid.thickestSection().mm()), Packing.FIRM) : null;
        Placement placement = new Placement(
                random.nextDouble(-60, 60),
                random.nextDouble(0, 80),
                random.nextDouble(-40, 40),
                random.nextBoolean() ? 0 : random.nextDouble(-90, 90),
                Arrangement.values()[random.nextInt(Arrangement.values().length)],
                Facing.values()[random.nextInt(Facing.values().length)]);
        return new Part(
                name, solid, random.nextInt(1, 5), random.nextInt(1, 3), BuildPoint.START, 0, core, null, placement);
    }

    /** The same design with every part changed. */
    public static Design each(Design design, UnaryOperator<Part> change) {
        return made(design.parts().stream().map(change).toList());
    }

    public static Part elsewhere(Part part, Placement placement) {
        return part.with(part.shape(), part.core(), placement);
    }
}
