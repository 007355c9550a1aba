package fairember.core.design;

import fairember.core.foilcore.SizedCore;
import fairember.core.quantity.Length;
import fairember.core.shape.Box;
import fairember.core.shape.Inset;
import fairember.core.shape.Inside;
import fairember.core.shape.Point3;
import fairember.core.shape.Posed;
import fairember.core.shape.Voxels;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.DoubleStream;

/**
 * Raw clay joined to raw clay: as thick as the largest ball that fits into all of it together. Foil and clay that is cured
 * already are not part of it.
 *
 * @param thickest diameter of that ball
 * @param within how far its diameter may be off, by the grid it was found on: at most a twentieth of it
 * @param parts that the ball lies in, two or more names
 */
public record OneLump(Length thickest, Length within, List<String> parts) {
    /** A grid has about so many cubes at most; those of the first are no smaller than this share of the thickest part. */
    private static final double MOST_CUBES = 16_000;
    /** Along a side of a finer one: enough for a ball and twice the side of the cubes before around it. */
    private static final double CUBES_ALONG = 36;

    private static final double COARSE = 0.1;
    private static final double FINE = 1 / 30.0;
    /** Smaller copies than the largest of these do not make a design thicker. */
    private static final int MOST_BODIES = 60;
    /** A ball this much smaller than the largest must lie in one body for that body alone to be as thick. */
    private static final double CORE_OF_BALL = 0.85;

    public OneLump {
        parts = List.copyOf(parts);
    }

    /** Its parts in words: "Base and Peak". */
    public String words() {
        int last = parts.size() - 1;
        return String.join(", ", parts.subList(0, last)) + " and " + parts.get(last);
    }

    /**
     * The thickest place where raw parts are one lump, when it is thicker than any of them alone.
     *
     * @param raw parts that lie together and are not cured
     * @param cured parts that lie among them
     * @param alone the thickest of the raw ones, each by itself
     */
    static Optional<OneLump> of(List<MeasuredPart> raw, List<MeasuredPart> cured, Length alone) {
        if (alone.mm() <= 0) {
            return Optional.empty();
        }
        List<Body> bodies = Body.all(raw);
        if (bodies.size() < 2) {
            return Optional.empty();
        }
        List<Body> holes = Body.all(cured);
        double[] box = around(bodies);
        double volume = (box[3] - box[0]) * (box[4] - box[1]) * (box[5] - box[2]);
        double side = Math.max(alone.mm() * COARSE, Math.cbrt(volume / MOST_CUBES));
        Grid.Ball ball = new Grid(box, side).largest(bodies, holes);
        while (ball.diameter() > alone.mm() - side && !inOne(bodies, ball)) {
            if (side <= ball.diameter() * FINE) {
                Set<String> names = in(bodies, ball);
                return ball.diameter() <= alone.mm() + side || names.size() < 2
                        ? Optional.empty()
                        : Optional.of(
                                new OneLump(new Length(ball.diameter()), new Length(1.5 * side), List.copyOf(names)));
            }
            double half = ball.diameter() / 2 + 2 * side;
            side = Math.max(ball.diameter() * FINE, 2 * half / CUBES_ALONG);
            ball = new Grid(ball.around(half), side).largest(bodies, holes);
        }
        return Optional.empty();
    }

    private static double[] around(List<Body> bodies) {
        double[] box = {1e9, 1e9, 1e9, -1e9, -1e9, -1e9};
        for (Body body : bodies) {
            for (int i = 0; i < 3; i++) {
                box[i] = Math.min(box[i], body.box[i]);
                box[i + 3] = Math.max(box[i + 3], body.box[i + 3]);
            }
        }
        return box;
    }

    /** Whether most of a ball lies in one body. */
    private static boolean inOne(List<Body> bodies, Grid.Ball ball) {
        return bodies.stream()
                .anyMatch(body -> ball.points(CORE_OF_BALL).stream().allMatch(at -> body.outer(at)));
    }

    private static Set<String> in(List<Body> bodies, Grid.Ball ball) {
        Set<String> names = new LinkedHashSet<>();
        for (Body body : bodies) {
            if (ball.points(CORE_OF_BALL).stream().anyMatch(at -> body.outer(at))) {
                names.add(body.name);
            }
        }
        return names;
    }

    /** One copy of a part in its place. */
    private static final class Body {
        private final String name;
        private final double thick;
        private final Clay clay;
        /** The point of the upright part that lies at 0, and how it moves with each of the three ways of the design. */
        private final double[][] own = new double[4][];

        private final double[] box;

        private Body(MeasuredPart measured, Clay clay, Placement.Spot spot) {
            Part part = measured.part();
            Posed posed = part.posed();
            this.name = part.name();
            this.thick = part.shape().thickestSection().mm();
            this.clay = clay;
            this.box = box(posed.box(), spot);
            Point3[] ways = {new Point3(0, 0, 0), new Point3(1, 0, 0), new Point3(0, 1, 0), new Point3(0, 0, 1)};
            for (int i = 0; i < 4; i++) {
                Point3 at = posed.upright(spot.own(ways[i]));
                own[i] = new double[] {at.acrossMm(), at.frontMm(), at.upMm()};
                for (int j = 0; i > 0 && j < 3; j++) {
                    own[i][j] -= own[0][j];
                }
            }
        }

        static List<Body> all(List<MeasuredPart> parts) {
            List<Body> all = new ArrayList<>();
            for (MeasuredPart measured : parts) {
                Clay clay = Clay.of(measured);
                for (Placement.Spot spot :
                        measured.part().placement().spots(measured.part().count())) {
                    all.add(new Body(measured, clay, spot));
                }
            }
            return all.stream()
                    .sorted(Comparator.comparingDouble((Body body) -> body.thick)
                            .reversed())
                    .limit(MOST_BODIES)
                    .toList();
        }

        private static double[] box(Box own, Placement.Spot spot) {
            double[] box = {1e9, 1e9, 1e9, -1e9, -1e9, -1e9};
            for (int corner = 0; corner < 8; corner++) {
                Point3 at = spot.of(new Point3(
                        own.width().mm() * ((corner & 1) - 0.5),
                        own.depth().mm() * ((corner >> 1 & 1) - 0.5),
                        own.height().mm() * (corner >> 2 & 1)));
                double[] xyz = {at.acrossMm(), at.frontMm(), at.upMm()};
                for (int i = 0; i < 3; i++) {
                    box[i] = Math.min(box[i], xyz[i]);
                    box[i + 3] = Math.max(box[i + 3], xyz[i]);
                }
            }
            return box;
        }

        private double own(int axis, double x, double y, double z) {
            return own[0][axis] + x * own[1][axis] + y * own[2][axis] + z * own[3][axis];
        }

        boolean outer(double x, double y, double z) {
            return clay.outer.contains(own(0, x, y, z), own(1, x, y, z), own(2, x, y, z));
        }

        boolean outer(Point3 at) {
            return outer(at.acrossMm(), at.frontMm(), at.upMm());
        }

        boolean foil(double x, double y, double z) {
            return clay.foil(own(0, x, y, z), own(1, x, y, z), own(2, x, y, z));
        }
    }

    /** The clay of a part, upright, and the foil in it. */
    private record Clay(Inside outer, List<Inset.Core> cores, List<Inside> foil) {
        private static final int LEVELS = 40;

        static Clay of(MeasuredPart measured) {
            SizedCore core = measured.core();
            List<Inset.Core> cores = core == null ? List.of() : core.inset().cores();
            return new Clay(
                    new Inside(measured.part().shape(), LEVELS),
                    cores,
                    cores.stream().map(c -> new Inside(c.solid(), LEVELS)).toList());
        }

        boolean foil(double across, double front, double up) {
            for (int i = 0; i < foil.size(); i++) {
                Inset.Core core = cores.get(i);
                if (foil.get(i).contains(across - core.acrossMm(), front, up - core.raisedMm())) {
                    return true;
                }
            }
            return false;
        }
    }

    /** Whether a point lies within something. */
    private interface Within {
        boolean test(double x, double y, double z);
    }

    /** Cubes over a box, filled where there is raw clay. */
    private static final class Grid {
        private static final int STEPS = 24;

        private final double[] box;
        private final double side;
        private final int[] counts = new int[3];

        Grid(double[] box, double side) {
            this.box = box;
            this.side = side;
            for (int i = 0; i < 3; i++) {
                counts[i] = Math.max(1, (int) Math.ceil((box[i + 3] - box[i]) / side));
            }
        }

        /** A ball on the grid. */
        record Ball(double x, double y, double z, double diameter) {
            /** A box about its middle. */
            double[] around(double half) {
                return new double[] {x - half, y - half, z - half, x + half, y + half, z + half};
            }

            /** Points on a ball of a share of its size, and its middle. */
            List<Point3> points(double share) {
                List<Point3> points = new ArrayList<>();
                double r = diameter / 2 * share;
                points.add(new Point3(x, y, z));
                for (int i = -1; i <= 1; i++) {
                    for (int j = -1; j <= 1; j++) {
                        for (int k = -1; k <= 1; k++) {
                            double far = Math.sqrt((double) i * i + j * j + k * k);
                            if (far > 0) {
                                points.add(new Point3(x + r * i / far, y + r * j / far, z + r * k / far));
                            }
                        }
                    }
                }
                return points;
            }
        }

        Ball largest(List<Body> clay, List<Body> holes) {
            Voxels voxels = new Voxels(counts[0], counts[1], counts[2]);
            clay.forEach(body -> fill(voxels, body, true, body::outer));
            clay.stream()
                    .filter(body -> !body.clay.foil.isEmpty())
                    .forEach(body -> fill(voxels, body, false, body::foil));
            holes.forEach(body -> fill(voxels, body, false, body::outer));
            double[] squares = voxels.squaredDistances();
            int best = 0;
            for (int i = 1; i < squares.length; i++) {
                best = squares[i] > squares[best] ? i : best;
            }
            int x = best % counts[0];
            int y = best / counts[0] % counts[1];
            int z = best / (counts[0] * counts[1]);
            return settled(at(0, x), at(1, y), at(2, z), edge(voxels));
        }

        /** Middles of the empty cubes that have a filled one beside them: x, y, z, x, y, z ... */
        private double[] edge(Voxels voxels) {
            DoubleStream.Builder edge = DoubleStream.builder();
            for (int z = -1; z <= counts[2]; z++) {
                for (int y = -1; y <= counts[1]; y++) {
                    for (int x = -1; x <= counts[0]; x++) {
                        if (!voxels.get(x, y, z) && voxels.besideFilled(x, y, z)) {
                            edge.add(at(0, x)).add(at(1, y)).add(at(2, z));
                        }
                    }
                }
            }
            return edge.build().toArray();
        }

        /** The ball moved between the cubes to where it is largest: away from what it touches, in ever smaller steps. */
        private Ball settled(double x, double y, double z, double[] edge) {
            double[] at = {x, y, z};
            double[] best = at.clone();
            double clear = 0;
            for (int step = 0; step < STEPS && edge.length > 0; step++) {
                int nearest = nearest(at, edge);
                double far = Math.sqrt(squared(at, edge, nearest));
                if (far > clear) {
                    clear = far;
                    best = at.clone();
                }
                double by = side / (1 + step);
                for (int i = 0; i < 3; i++) {
                    at[i] += by * (at[i] - edge[nearest + i]) / Math.max(far, 1e-9);
                }
            }
            return new Ball(best[0], best[1], best[2], Math.max(0, 2 * clear - side / 2));
        }

        private static int nearest(double[] at, double[] edge) {
            int nearest = 0;
            double least = Double.POSITIVE_INFINITY;
            for (int i = 0; i < edge.length; i += 3) {
                double square = squared(at, edge, i);
                if (square < least) {
                    least = square;
                    nearest = i;
                }
            }
            return nearest;
        }

        private static double squared(double[] at, double[] edge, int i) {
            double x = edge[i] - at[0];
            double y = edge[i + 1] - at[1];
            double z = edge[i + 2] - at[2];
            return x * x + y * y + z * z;
        }

        private double at(int axis, int cube) {
            return box[axis] + (cube + 0.5) * side;
        }

        private int cube(int axis, double mm) {
            return Math.max(0, Math.min(counts[axis] - 1, (int) Math.floor((mm - box[axis]) / side)));
        }

        private void fill(Voxels voxels, Body body, boolean full, Within inside) {
            for (int z = cube(2, body.box[2]); z <= cube(2, body.box[5]); z++) {
                for (int y = cube(1, body.box[1]); y <= cube(1, body.box[4]); y++) {
                    for (int x = cube(0, body.box[0]); x <= cube(0, body.box[3]); x++) {
                        if (voxels.get(x, y, z) != full && inside.test(at(0, x), at(1, y), at(2, z))) {
                            voxels.set(x, y, z, full);
                        }
                    }
                }
            }
        }
    }
}
