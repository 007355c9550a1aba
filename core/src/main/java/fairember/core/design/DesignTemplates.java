package fairember.core.design;

import fairember.core.bake.BakingMethod;
import fairember.core.bake.StageKind;
import fairember.core.foilcore.CoreSpec;
import fairember.core.foilcore.Packing;
import fairember.core.quantity.Length;
import fairember.core.quantity.Mass;
import fairember.core.quantity.Minutes;
import fairember.core.shape.Facing;
import fairember.core.shape.ShapeKind;
import fairember.core.wire.Gauge;
import fairember.core.wire.Metal;
import fairember.core.wire.Wire;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A sensible design of every kind to begin from. All but charms are thick, cored or flat, and take longer to get hot than a
 * packet's minutes by section: they begin with a long time.
 */
public final class DesignTemplates {
    private final long mixId;

    private DesignTemplates(long mixId) {
        this.mixId = mixId;
    }

    /**
     * A design of a kind, not kept yet.
     *
     * @param mixId all its parts are made of
     */
    public static Design of(DesignKind kind, long mixId) {
        DesignTemplates made = new DesignTemplates(mixId);
        return switch (kind) {
            case ORNAMENT -> made.ornament();
            case CHARM -> made.charm();
            case EARRINGS -> made.earrings();
            case TOPPER -> made.topper();
            case FIGURINE -> made.figurine();
            case SET_PIECE -> made.setPiece();
        };
    }

    /** A cored ball with a neck, hung from a pin over its middle. */
    private Design ornament() {
        List<Part> parts = List.of(
                part("Body", ShapeKind.BALL, List.of(46.0), 1, 5.0, up(0)),
                part("Neck", ShapeKind.ROD, List.of(10.0, 6.0), 1, null, up(44)));
        Armature hung = new Armature(List.of(), List.of(), new Pin(0, 54));
        return design(
                DesignKind.ORNAMENT,
                Pose.STANDS,
                parts,
                hung,
                true,
                List.of("Eye pin pressed in and sealed", "Vent pricked", "Mark under the base"));
    }

    /** A drop with a ring to hang it by. */
    private Design charm() {
        List<Part> parts = List.of(
                part("Drop", ShapeKind.TEARDROP, List.of(11.0, 20.0), 1, null, up(0)),
                part("Seed", ShapeKind.BALL, List.of(4.0), 1, null, at(0, 7, 5)));
        Armature hung = new Armature(List.of(), List.of(), new Pin(0, 22));
        return design(DesignKind.CHARM, Pose.LIES, parts, hung, false, List.of("Hole for the ring marked"));
    }

    /** A mirrored pair of leaves with studs above. */
    private Design earrings() {
        List<Part> parts = List.of(
                part("Leaf", ShapeKind.BLOCK, List.of(13.0, 2.4, 30.0), 2, null, at(14, 0, 0)),
                part("Stud", ShapeKind.DISC, List.of(9.0, 2.4), 2, null, facing(14, 33, Facing.FRONT)));
        return design(
                DesignKind.EARRINGS,
                Pose.LIES,
                parts,
                Armature.NONE,
                false,
                List.of("Holes pierced, both alike", "Pair mirrored"));
    }

    /** A socket over a foil sleeve on a pencil, and a figure on it. */
    private Design topper() {
        Insert pencil = new Insert(
                "Pencil",
                new Length(7.4),
                new Length(175),
                new Length(18),
                new Mass(4.5),
                false,
                null,
                "",
                8,
                new Length(2.6),
                new Length(1),
                0,
                -157);
        List<Part> parts = List.of(
                part("Socket", ShapeKind.BAND, List.of(7.7, 2.6, 18.0), 1, null, up(0)),
                part("Figure", ShapeKind.BALL, List.of(20.0), 1, 4.0, up(17)));
        return design(
                DesignKind.TOPPER,
                Pose.STANDS,
                parts,
                new Armature(List.of(pencil), List.of(), null),
                true,
                List.of("Sleeve turns freely"));
    }

    /** A cored body, a head, arms and eyes that are baked first. */
    private Design figurine() {
        List<Part> parts = List.of(
                part("Body", ShapeKind.FRUSTUM, List.of(34.0, 20.0, 36.0), 1, 5.0, up(0)),
                part("Head", ShapeKind.BALL, List.of(24.0), 1, 5.0, up(34)),
                part("Arm", ShapeKind.CAPSULE, List.of(7.0, 20.0), 2, null, leaning(16, 14, 20)),
                part("Eye", ShapeKind.BALL, List.of(3.0), 2, null, at(5, 46, 10)));
        Wire spine = new Wire("Neck wire", new Gauge(1), Metal.STEEL, 1, List.of(new Wire.Leg(new Length(30), 0)));
        return design(
                DesignKind.FIGURINE,
                Pose.STANDS,
                parts,
                new Armature(List.of(), List.of(spine), null),
                true,
                List.of("Vent pricked under the body", "Mark under the base"));
    }

    /** A wide base and a cored peak on it. */
    private Design setPiece() {
        List<Part> parts = List.of(
                part("Base", ShapeKind.ROD, List.of(60.0, 6.0), 1, null, up(0)),
                part("Peak", ShapeKind.CONE, List.of(40.0, 48.0), 1, 5.0, up(6)),
                part("Stone", ShapeKind.BALL, List.of(9.0), 5, null, ring(24, 5)));
        return design(
                DesignKind.SET_PIECE,
                Pose.STANDS,
                parts,
                Armature.NONE,
                true,
                List.of("Vent pricked under the base", "Mark under the base"));
    }

    private Part part(
            String name, ShapeKind kind, List<Double> values, int count, @Nullable Double shell, Placement placement) {
        CoreSpec core = shell == null ? null : new CoreSpec(new Length(shell), Packing.FIRM);
        return new Part(name, kind.make(values), count, mixId, BuildPoint.START, 0, core, null, placement);
    }

    private static Placement up(double up) {
        return at(0, up, 0);
    }

    private static Placement at(double across, double up, double front) {
        return new Placement(across, up, front, 0, Arrangement.MIRRORED, Facing.UP);
    }

    private static Placement facing(double across, double up, Facing facing) {
        return new Placement(across, up, 0, 0, Arrangement.MIRRORED, facing);
    }

    private static Placement leaning(double across, double up, double tilt) {
        return new Placement(across, up, 0, tilt, Arrangement.MIRRORED, Facing.UP);
    }

    private static Placement ring(double across, double up) {
        return new Placement(across, up, 0, 0, Arrangement.RING, Facing.UP);
    }

    private static Design design(
            DesignKind kind, Pose pose, List<Part> parts, Armature armature, boolean cored, List<String> checks) {
        Design made = new Design(
                0,
                "New " + kind.label(),
                "",
                kind,
                pose,
                parts,
                List.of(Assembly.WHOLE),
                List.of(new Stage("whole", StageKind.FULL_BAKE, new Minutes(cored ? 40 : 20))),
                List.of(),
                List.of(),
                CheckLine.all(checks),
                armature,
                null,
                kind == DesignKind.CHARM ? null : BakingMethod.LONG_AND_LOW,
                kind == DesignKind.EARRINGS ? Drawn.PAIR : null);
        return made.with(ReadySteps.of(made));
    }
}
