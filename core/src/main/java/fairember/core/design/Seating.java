package fairember.core.design;

import fairember.core.heat.HeatBody;
import fairember.core.heat.Seat;
import fairember.core.shape.Box;
import fairember.core.shape.Outline;
import fairember.core.shape.Point3;
import fairember.core.shape.Posed;
import java.util.List;
import java.util.function.ToDoubleFunction;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** Says with how much of its surface each part of a bake touches what it lies on. */
final class Seating {
    /** Nothing lies on anything. */
    static final Seating NONE = new Seating(null, Pose.HANGS, true, List.of());

    /** Clay gives by so much where it is set down. */
    private static final double GIVES_MM = 0.5;
    /** No higher than so many times its thickest section, a flat part lies on its face. */
    private static final double LIES = 1.3;

    private static final double FLAT = 0.5;
    /** What is round lies on so much of its surface. */
    private static final double LINE = 0.05;

    private static final double LEAST = 0.001;
    private static final double MOST = 0.5;

    private final @Nullable Rest rest;
    private final Pose pose;
    private final boolean each;
    private final double ground;

    private Seating(@Nullable Rest rest, Pose pose, boolean each, List<Part> inOven) {
        this.rest = rest;
        this.pose = pose;
        this.each = each;
        this.ground = inOven.stream().mapToDouble(this::lowest).min().orElse(0);
    }

    /** What is in a stage, clay or not, on what it lies on: clay on a board that is baked with it does not touch the tile. */
    static Seating of(Design design, int index) {
        Stage stage = design.stages().get(index);
        if (stage.rest() == null) {
            return NONE;
        }
        AssemblyTree tree = design.tree();
        Stream<Part> clay = design.parts().stream().filter(part -> tree.holds(index, part.from()));
        Stream<Part> others = design.armature().nonClay().stream()
                .filter(thing -> thing.bakedIn(tree, index))
                .map(NonClay::body);
        boolean separate = design.assemblies().get(stage.assembly()).separate();
        return new Seating(
                stage.rest(),
                design.poseIn(index),
                separate,
                Stream.concat(clay, others).toList());
    }

    /** A part's body on what it lies on. */
    HeatBody seated(HeatBody body, Part part) {
        Rest under = rest;
        boolean touches = under != null && pose != Pose.HANGS && (each || lowest(part) <= ground + GIVES_MM);
        if (under == null || !touches) {
            return body;
        }
        Seat seat = under.under(share(part, body.narrowing()));
        return body.on(seat);
    }

    /** How far down the part reaches in the pose, mm. */
    private double lowest(Part part) {
        Box box = part.posed().box();
        ToDoubleFunction<Placement.Spot> down = switch (pose) {
            case LIES -> spot -> spot.frontMm() - box.depth().mm() / 2;
            case ON_SIDE -> spot -> spot.acrossMm() - box.width().mm() / 2;
            default -> spot -> lowest(part, spot);
        };
        return part.placement().spots(part.count()).stream()
                .mapToDouble(down)
                .min()
                .orElse(0);
    }

    private static double lowest(Part part, Placement.Spot spot) {
        if (spot.tiltDeg() == 0) {
            return spot.upMm() + part.reach()[0];
        }
        return part.seen(part.posed().front()).stream()
                .flatMap(outline -> outline.points().stream())
                .mapToDouble(point ->
                        spot.of(new Point3(point.acrossMm(), 0, point.upMm())).upMm())
                .min()
                .orElse(spot.upMm());
    }

    private double share(Part part, double narrowing) {
        Posed posed = part.posed();
        double surface = part.shape().surface().mm2();
        double high = high(posed.box());
        boolean lies = narrowing <= FLAT
                && high <= LIES * part.shape().thickestSection().mm();
        double touching = lies ? part.shape().volume().mm3() / high : foot(posed, surface);
        return Math.max(LEAST, Math.min(MOST, touching / surface));
    }

    private boolean upright() {
        return each || pose == Pose.STANDS || pose == Pose.LEANS;
    }

    private double high(Box box) {
        return upright()
                ? box.height().mm()
                : pose == Pose.LIES ? box.depth().mm() : box.width().mm();
    }

    /** The ellipse that it stands on, when it has given way a little; mm². */
    private double foot(Posed posed, double surface) {
        return upright() ? Math.PI / 4 * width(posed.front()) * width(posed.side()) : LINE * surface;
    }

    private static double width(List<Outline> outlines) {
        List<Outline.Point> low = outlines.stream()
                .flatMap(outline -> outline.between(0, GIVES_MM).stream())
                .flatMap(outline -> outline.points().stream())
                .toList();
        double right = low.stream().mapToDouble(Outline.Point::acrossMm).max().orElse(0);
        double left = low.stream().mapToDouble(Outline.Point::acrossMm).min().orElse(0);
        return right - left;
    }
}
