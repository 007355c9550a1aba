package fairember.core.design;

import fairember.core.advice.Advice;
import fairember.core.portion.Portioning;
import fairember.core.quantity.Length;
import fairember.core.quantity.Volume;
import fairember.core.shape.Band;
import fairember.core.shape.InnerBall;
import fairember.core.shape.Point3;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Takes the room of inserts out of the clay they pass through: each part weighs less by it, and is as thick as what is left
 * around it. Lines along the insert are followed through the clay; the volume is within a thousandth.
 */
final class Boring {
    private static final int LEVELS = 600;
    private static final int RINGS = 8;
    private static final int MOST_RINGS = 80;
    private static final int TURNS = 24;
    private static final int STEPS = 64;
    private static final int HALVINGS = 12;

    /** With less than this share of its clay left, a part lies in the insert. */
    private static final double NOTHING_LEFT = 0.02;

    /** A bore this small is a touch. */
    private static final double LEAST_MM3 = 1;

    private Boring() {}

    /** The parts with what inserts take out of them; wrapped bands are measured about their inserts already. */
    static List<MeasuredPart> through(List<MeasuredPart> parts, List<MeasuredInsert> inserts) {
        List<BoreHole> holes = inserts.stream().map(BoreHole::of).toList();
        return holes.isEmpty()
                ? parts
                : parts.stream().map(part -> bored(part, holes, parts)).toList();
    }

    private static MeasuredPart bored(MeasuredPart part, List<BoreHole> holes, List<MeasuredPart> all) {
        if (part.part().shape() instanceof Band) {
            return part;
        }
        List<PlacedClay> copies = PlacedClay.fine(part, LEVELS);
        List<BoreHole> through = holes.stream()
                .filter(hole -> copies.stream().anyMatch(hole::meets))
                .toList();
        Integer around = part.part().around();
        List<PlacedClay> inner =
                around == null || through.isEmpty() ? List.of() : PlacedClay.fine(all.get(around), LEVELS);
        double taken = 0;
        for (BoreHole hole : through) {
            for (PlacedClay copy : copies) {
                taken += hole.meets(copy) ? volume(hole, copy, inner) : 0;
            }
        }
        taken /= copies.size();
        if (taken < LEAST_MM3) {
            return part;
        }
        double clay = part.portion().clay().mm3();
        List<Advice> advice = new ArrayList<>(part.advice());
        if (clay - taken < NOTHING_LEFT * clay) {
            advice.add(Advice.stop(
                    "bore-wide",
                    "%s lies inside %s, so no clay is left of it."
                            .formatted(part.part().name(), through.get(0).insert()),
                    "Make the part larger, or move the insert.",
                    part.part().name(),
                    through.get(0).insert()));
            return part.with(part.portion(), Volume.ZERO, part.thickest(), advice);
        }
        return part.with(
                Portioning.portion(new Volume(clay - taken), part.mix().density()),
                new Volume(taken),
                thickest(part, copies.get(0), through, inner),
                advice);
    }

    /** Clay of a copy in the hole, along lines parallel to it; each ring of lines stands for the same area. */
    private static double volume(BoreHole hole, PlacedClay copy, List<PlacedClay> inner) {
        double[] box = copy.reach();
        double narrow = Math.min(box[3] - box[0], box[4] - box[1]);
        double wider = Math.max(1, 2 * hole.radiusMm() / narrow);
        int rings = (int) Math.min(MOST_RINGS, Math.ceil(RINGS * wider * wider));
        double area = Math.PI * hole.radiusMm() * hole.radiusMm() / (rings * TURNS);
        double from = Math.max(hole.fromMm(), box[2]);
        double to = Math.min(hole.toMm(), box[5]);
        double sum = 0;
        for (int ring = 0; ring < rings; ring++) {
            double r = hole.radiusMm() * Math.sqrt((ring + 0.5) / rings);
            for (int turn = 0; turn < TURNS; turn++) {
                double angle = 2 * Math.PI * (turn + 0.25 + 0.5 * (ring % 2)) / TURNS;
                double across = hole.acrossMm() + r * Math.cos(angle);
                double front = r * Math.sin(angle);
                sum += area * along(up -> isClay(copy, inner, across, front, up), from, to);
            }
        }
        return sum;
    }

    private static boolean isClay(PlacedClay copy, List<PlacedClay> inner, double across, double front, double up) {
        return copy.outer(across, front, up)
                && !copy.foil(across, front, up)
                && inner.stream().noneMatch(body -> body.outer(across, front, up));
    }

    /** The length of a line that lies in clay: by steps, and each end of a stretch by halving its step. */
    private static double along(InClay clay, double from, double to) {
        double step = (to - from) / STEPS;
        double length = 0;
        boolean was = clay.at(from + step * 1e-6);
        for (int i = 0; i < STEPS; i++) {
            double a = from + i * step;
            boolean is = clay.at(i == STEPS - 1 ? to - step * 1e-6 : a + step);
            if (was && is) {
                length += step;
            } else if (was != is) {
                double low = a;
                double high = a + step;
                for (int k = 0; k < HALVINGS; k++) {
                    double middle = (low + high) / 2;
                    if (clay.at(middle) == was) {
                        low = middle;
                    } else {
                        high = middle;
                    }
                }
                length += was ? low - a : a + step - low;
            }
            was = is;
        }
        return length;
    }

    /** Whether there is clay at a height of a line. */
    private interface InClay {
        boolean at(double up);
    }

    /** The largest ball in what is left; that of a core's shell where there is foil, which a bore hardly thins. */
    private static InnerBall thickest(
            MeasuredPart part, PlacedClay copy, List<BoreHole> holes, List<PlacedClay> inner) {
        if (part.core() != null) {
            return part.thickest();
        }
        List<Body> gone = new ArrayList<>(holes);
        gone.addAll(inner);
        Optional<ClayGrid.Ball> ball =
                OneLump.largestIn(copy, gone, part.thickest().diameter());
        return ball.filter(
                        found -> found.diameter() < part.thickest().diameter().mm())
                .map(found -> new InnerBall(
                        new Length(found.diameter()), copy.own(new Point3(found.x(), found.y(), found.z()))))
                .orElse(part.thickest());
    }
}
