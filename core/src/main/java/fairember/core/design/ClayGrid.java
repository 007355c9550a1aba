package fairember.core.design;

import fairember.core.shape.Point3;
import fairember.core.shape.Voxels;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.DoubleStream;

/** Cubes over a box, filled where there is raw clay. */
final class ClayGrid {
    private static final int STEPS = 24;
    private static final int[][] BESIDE = {{-1, 0, 0}, {1, 0, 0}, {0, -1, 0}, {0, 1, 0}, {0, 0, -1}, {0, 0, 1}};

    /** Sides of a cube that a ball is still moved, from each step on. */
    private static final double[] LEFT = new double[STEPS];

    static {
        double left = 0;
        for (int step = STEPS - 1; step >= 0; step--) {
            left += 1.0 / (1 + step);
            LEFT[step] = left;
        }
    }

    private final double[] box;
    private final double side;
    private final int[] counts = new int[3];

    ClayGrid(double[] box, double side) {
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

    Ball largest(List<PlacedClay> clay, List<? extends Body> holes) {
        Voxels voxels = new Voxels(counts[0], counts[1], counts[2]);
        clay.forEach(body -> fill(voxels, body, true, body::outer));
        clay.stream().filter(PlacedClay::cored).forEach(body -> fill(voxels, body, false, body::foil));
        holes.forEach(body -> fill(voxels, body, false, body::outer));
        double[] squares = voxels.squaredDistances();
        int best = 0;
        for (int i = 1; i < squares.length; i++) {
            best = squares[i] > squares[best] ? i : best;
        }
        int x = best % counts[0];
        int y = best / counts[0] % counts[1];
        int z = best / (counts[0] * counts[1]);
        return settled(at(0, x), at(1, y), at(2, z), edge(voxels, squares));
    }

    /**
     * Middles of the empty cubes that have a filled one beside them, some more than once: x, y, z, x, y, z ...
     *
     * @param squares of the distances to the nearest empty cube: 1 where one is beside
     */
    private double[] edge(Voxels voxels, double[] squares) {
        DoubleStream.Builder edge = DoubleStream.builder();
        for (int z = 0, i = 0; z < counts[2]; z++) {
            for (int y = 0; y < counts[1]; y++) {
                for (int x = 0; x < counts[0]; x++, i++) {
                    if (squares[i] == 1) {
                        for (int[] beside : BESIDE) {
                            int atX = x + beside[0];
                            int atY = y + beside[1];
                            int atZ = z + beside[2];
                            if (!voxels.get(atX, atY, atZ)) {
                                edge.add(at(0, atX)).add(at(1, atY)).add(at(2, atZ));
                            }
                        }
                    }
                }
            }
        }
        return edge.build().toArray();
    }

    /**
     * The ball moved between the cubes to where it is largest: away from what it touches, in ever smaller steps.
     *
     * @param edge what it can touch; what lies too far away is written over
     */
    private Ball settled(double x, double y, double z, double[] edge) {
        double[] at = {x, y, z};
        double[] best = at.clone();
        double clear = 0;
        int many = edge.length;
        for (int step = 0; step < STEPS && many > 0; step++) {
            int nearest = nearest(at, edge, many);
            double far = Math.sqrt(squared(at, edge, nearest));
            if (far > clear) {
                clear = far;
                best = at.clone();
            }
            double[] touched = Arrays.copyOfRange(edge, nearest, nearest + 3);
            many = within(far + 2 * side * LEFT[step], at, edge, many);
            double by = side / (1 + step);
            for (int i = 0; i < 3; i++) {
                at[i] += by * (at[i] - touched[i]) / Math.max(far, 1e-9);
            }
        }
        return new Ball(best[0], best[1], best[2], Math.max(0, 2 * clear - side / 2));
    }

    private static int nearest(double[] at, double[] edge, int many) {
        int nearest = 0;
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < many; i += 3) {
            double square = squared(at, edge, i);
            if (square < least) {
                least = square;
                nearest = i;
            }
        }
        return nearest;
    }

    /**
     * Brings to the front of the edge what is so near, and gives how much that is. What is farther can't become the nearest in the
     * steps that are left.
     */
    private static int within(double near, double[] at, double[] edge, int many) {
        int kept = 0;
        for (int i = 0; i < many; i += 3) {
            if (squared(at, edge, i) <= near * near) {
                edge[kept] = edge[i];
                edge[kept + 1] = edge[i + 1];
                edge[kept + 2] = edge[i + 2];
                kept += 3;
            }
        }
        return kept;
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

    /** The first cube along an axis that a body can fill which begins here. */
    private int first(int axis, double mm) {
        return Math.max(0, (int) Math.floor((mm - box[axis]) / side));
    }

    /** The last cube that one can which ends here; before the first when it lies beside the box. */
    private int last(int axis, double mm) {
        return Math.min(counts[axis] - 1, (int) Math.floor((mm - box[axis]) / side));
    }

    private void fill(Voxels voxels, Body body, boolean full, Within inside) {
        double[] reach = body.reach();
        int lastX = last(0, reach[3]);
        int lastY = last(1, reach[4]);
        int lastZ = last(2, reach[5]);
        for (int z = first(2, reach[2]); z <= lastZ; z++) {
            for (int y = first(1, reach[1]); y <= lastY; y++) {
                for (int x = first(0, reach[0]); x <= lastX; x++) {
                    if (voxels.get(x, y, z) != full && inside.test(at(0, x), at(1, y), at(2, z))) {
                        voxels.set(x, y, z, full);
                    }
                }
            }
        }
    }

    /** Whether a point lies within something. */
    private interface Within {
        boolean test(double x, double y, double z);
    }
}
