package fairember.core.shape;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.DoubleStream;
import org.hipparchus.special.Gamma;

/** The level sections of a form by front and side: superellipses |x/a|ⁿ + |y/b|ⁿ = 1 in the rectangles both outlines leave. */
final class LevelSections {
    /** Nearer heights are one, mm. */
    static final double SAME_MM = 1e-7;

    private static final double[] GAUSS = {(1 - 1 / Math.sqrt(3)) / 2, (1 + 1 / Math.sqrt(3)) / 2};
    private static final int LEVELS = 120;
    private static final int TURNS = 96;

    private final Silhouette seen;
    private final Silhouette aside;
    private final double highMm;
    private final double n;
    private final double fill;

    LevelSections(Silhouette seen, Silhouette aside, double highMm, double n) {
        this.seen = seen;
        this.aside = aside;
        this.highMm = highMm;
        this.n = n;
        this.fill = fill(n);
    }

    /** Share of its rectangle that a superellipse fills: Γ(1 + 1/n)² / Γ(1 + 2/n). */
    static double fill(double n) {
        double one = Gamma.gamma(1 + 1 / n);
        return one * one / Gamma.gamma(1 + 2 / n);
    }

    /** One piece of a level section. */
    record Piece(double left, double right, double near, double far) {
        double across() {
            return (left + right) / 2;
        }

        double away() {
            return (near + far) / 2;
        }

        double room() {
            return (right - left) * (far - near);
        }
    }

    /** The pieces of the section at a height, mm. */
    List<Piece> pieces(double up) {
        List<Piece> pieces = new ArrayList<>();
        for (double[] across : seen.spans(up)) {
            for (double[] away : aside.spans(up)) {
                pieces.add(new Piece(across[0], across[1], away[0], away[1]));
            }
        }
        return pieces;
    }

    /** Heights between which both outlines are straight, and fine enough for the surface. */
    private double[] heights(int levels) {
        double[] all = DoubleStream.concat(
                        DoubleStream.concat(seen.heights(), aside.heights()),
                        DoubleStream.iterate(0, z -> z + highMm / levels).limit(levels + 1L))
                .filter(z -> z >= 0 && z <= highMm + SAME_MM)
                .sorted()
                .toArray();
        double[] last = {-1};
        return DoubleStream.of(all)
                .filter(z -> {
                    boolean next = z - last[0] > SAME_MM;
                    if (next) {
                        last[0] = z;
                    }
                    return next;
                })
                .toArray();
    }

    /** Sums over the height: volume, and the volume times how far it lies across, away and up. */
    double[] moments() {
        double[] heights = heights(1);
        double[] sums = new double[4];
        for (int i = 0; i + 1 < heights.length; i++) {
            double slab = heights[i + 1] - heights[i];
            for (double at : GAUSS) {
                double up = heights[i] + at * slab;
                for (Piece piece : pieces(up)) {
                    double clay = fill * piece.room() * slab / 2;
                    sums[0] += clay;
                    sums[1] += clay * piece.across();
                    sums[2] += clay * piece.away();
                    sums[3] += clay * up;
                }
            }
        }
        return sums;
    }

    /** The surface, mm²: bands between level sections, and what lies level where a section jumps. */
    double surfaceMm2() {
        double[] heights = heights(LEVELS);
        double surface = 0;
        double below = 0;
        for (int i = 0; i + 1 < heights.length; i++) {
            double low = heights[i] + SAME_MM;
            double high = heights[i + 1] - SAME_MM;
            List<Piece> at = pieces(low);
            List<Piece> over = pieces(high);
            surface += Math.abs(level(at) - below);
            for (int piece = 0; piece < Math.min(at.size(), over.size()); piece++) {
                surface += band(ring(at.get(piece)), ring(over.get(piece)), heights[i + 1] - heights[i]);
            }
            below = level(over);
        }
        return surface + below;
    }

    private double level(List<Piece> pieces) {
        return fill * pieces.stream().mapToDouble(Piece::room).sum();
    }

    private static double band(List<Outline.Point> low, List<Outline.Point> high, double rise) {
        double area = 0;
        for (int i = 0; i < low.size(); i++) {
            int next = (i + 1) % low.size();
            area += triangle(low.get(i), 0, low.get(next), 0, high.get(i), rise);
            area += triangle(low.get(next), 0, high.get(next), rise, high.get(i), rise);
        }
        return area;
    }

    private static double triangle(Outline.Point a, double az, Outline.Point b, double bz, Outline.Point c, double cz) {
        double ux = b.acrossMm() - a.acrossMm();
        double uy = b.upMm() - a.upMm();
        double uz = bz - az;
        double vx = c.acrossMm() - a.acrossMm();
        double vy = c.upMm() - a.upMm();
        double vz = cz - az;
        double x = uy * vz - uz * vy;
        double y = uz * vx - ux * vz;
        double z = ux * vy - uy * vx;
        return Math.sqrt(x * x + y * y + z * z) / 2;
    }

    List<Outline.Point> ring(Piece piece) {
        return ring(piece, TURNS);
    }

    /** The edge of a piece: across and away from the one who looks. */
    List<Outline.Point> ring(Piece piece, int turns) {
        List<Outline.Point> ring = new ArrayList<>();
        for (int i = 0; i < turns; i++) {
            double angle = 2 * Math.PI * i / turns;
            ring.add(new Outline.Point(
                    piece.across() + (piece.right() - piece.left()) / 2 * power(Math.cos(angle)),
                    piece.away() + (piece.far() - piece.near()) / 2 * power(Math.sin(angle))));
        }
        return ring;
    }

    private double power(double part) {
        return Math.signum(part) * Math.pow(Math.abs(part), 2 / n);
    }
}
