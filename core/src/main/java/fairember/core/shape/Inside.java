package fairember.core.shape;

import java.util.List;
import java.util.stream.IntStream;

/**
 * Says which points lie within a solid, by its level sections a small step apart. A section is cut when it is first asked for, so it
 * is for one thread.
 */
public final class Inside {
    private final double stepMm;
    private final double highMm;
    /** Squares of the radii by level, for what is round about its axis. */
    private final double[] round;

    private final Solid solid;
    /** Of what is not round: by level, ring and axis; a level is null until it is asked for. */
    private final double[][][][] rings;

    /**
     * @param levels how many sections; a point is taken to lie as its nearest section says
     */
    public Inside(Solid solid, int levels) {
        this.solid = solid;
        this.highMm = solid.box().height().mm();
        this.stepMm = highMm / levels;
        if (solid instanceof Turned turned) {
            List<Outline.Point> profile = turned.profile();
            this.round = IntStream.range(0, levels)
                    .mapToDouble(i -> Curves.radiusAt(profile, (i + 0.5) * stepMm))
                    .map(r -> r * r)
                    .toArray();
            this.rings = new double[0][][][];
        } else {
            this.round = new double[0];
            this.rings = new double[levels][][][];
        }
    }

    private double[][][] rings(int level) {
        double[][][] cut = rings[level];
        if (cut == null) {
            cut = solid.level((level + 0.5) * stepMm).stream().map(Inside::ring).toArray(double[][][]::new);
            rings[level] = cut;
        }
        return cut;
    }

    private static double[][] ring(Outline outline) {
        return new double[][] {
            outline.points().stream().mapToDouble(Outline.Point::acrossMm).toArray(),
            outline.points().stream().mapToDouble(Outline.Point::upMm).toArray()
        };
    }

    /** Whether a point of the upright solid, from the middle of its base, lies within it; mm. */
    public boolean contains(double across, double front, double up) {
        if (up < 0 || up >= highMm) {
            return false;
        }
        if (round.length > 0) {
            return across * across + front * front < round[Math.min(round.length - 1, (int) (up / stepMm))];
        }
        boolean inside = false;
        for (double[][] ring : rings(Math.min(rings.length - 1, (int) (up / stepMm)))) {
            inside ^= within(ring[0], ring[1], across, -front);
        }
        return inside;
    }

    /** Whether a ray to the right of a point crosses the ring an odd number of times. */
    private static boolean within(double[] x, double[] y, double px, double py) {
        boolean odd = false;
        int j = x.length - 1;
        for (int i = 0; i < x.length; i++) {
            if (y[i] > py != y[j] > py && px < (x[j] - x[i]) * (py - y[i]) / (y[j] - y[i]) + x[i]) {
                odd = !odd;
            }
            j = i;
        }
        return odd;
    }
}
