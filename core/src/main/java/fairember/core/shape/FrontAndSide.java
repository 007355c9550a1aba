package fairember.core.shape;

import fairember.core.input.Figures;
import fairember.core.input.InvalidInputException;
import fairember.core.outline.DrawnLine;
import fairember.core.quantity.Area;
import fairember.core.quantity.Length;
import fairember.core.quantity.Volume;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.DoubleStream;
import org.hipparchus.special.Gamma;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Polygon;

/**
 * A form given by its outlines from the front and from the right. Every level section is a superellipse |x/a|ⁿ + |y/b|ⁿ = 1 in the
 * rectangle that both outlines leave it: n = 2 is round, a large n nearly square. Volume and surface are sums over its height,
 * exact for the polygons of the outlines and within 0.1 % of the curves. Immutable.
 */
public final class FrontAndSide implements Solid {
    private static final double[] GAUSS = {(1 - 1 / Math.sqrt(3)) / 2, (1 + 1 / Math.sqrt(3)) / 2};
    private static final int LEVELS = 120;
    private static final int TURNS = 96;
    private static final int LEAST_TURNS = 24;
    private static final int SEEN = 24;
    private static final int HULL = 32;
    private static final int BALLS = 60;
    private static final int REFINED = 2;
    /** Nearer heights are one. */
    private static final double SAME_MM = 1e-7;
    /** Less room than this is none. */
    private static final double LEAST_ROOM_MM = 1;

    private final DrawnLine frontLine;
    private final DrawnLine sideLine;
    private final Length height;
    private final double corners;
    private final Silhouette seen;
    private final Silhouette aside;

    /**
     * A form whose outlines have an area.
     *
     * @param frontLine outline, at any size
     * @param sideLine outline, at any size; it is made as high as the front
     * @param height of the form
     * @param corners n
     * @throws InvalidInputException when one of them has none or crosses itself
     */
    public FrontAndSide(DrawnLine frontLine, DrawnLine sideLine, Length height, double corners) {
        this.frontLine = frontLine;
        this.sideLine = sideLine;
        this.height = height;
        this.corners = corners;
        this.seen = Silhouette.of(frontLine.outline(), height.mm());
        this.aside = Silhouette.of(sideLine.outline(), height.mm());
        double widest = Math.max(seen.wide(), aside.wide());
        if (widest > Dimensions.WIDTH.high()) {
            throw new InvalidInputException(
                    "heightMm",
                    Figures.show(Math.rint(widest), "mm across at this height"),
                    "up to %s mm across".formatted(Figures.show(Dimensions.WIDTH.high())),
                    "Lower the height, or draw the outlines narrower.");
        }
    }

    /** One piece of a level section. */
    private record Piece(double left, double right, double near, double far) {
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

    private List<Piece> pieces(double up) {
        List<Piece> pieces = new ArrayList<>();
        for (double[] across : seen.spans(up)) {
            for (double[] away : aside.spans(up)) {
                pieces.add(new Piece(across[0], across[1], away[0], away[1]));
            }
        }
        return pieces;
    }

    /** Share of its rectangle that a superellipse fills: Γ(1 + 1/n)² / Γ(1 + 2/n). */
    public static double fill(double n) {
        double one = Gamma.gamma(1 + 1 / n);
        return one * one / Gamma.gamma(1 + 2 / n);
    }

    /** The same of this form. */
    public double fill() {
        return fill(corners);
    }

    public DrawnLine frontLine() {
        return frontLine;
    }

    public DrawnLine sideLine() {
        return sideLine;
    }

    public Length height() {
        return height;
    }

    /** The form with a layer all over it: both outlines moved out. */
    FrontAndSide grown(double thickMm) {
        return new FrontAndSide(
                seen.grown(thickMm), aside.grown(thickMm), new Length(height.mm() + 2 * thickMm), corners);
    }

    /** Sum over the height of the rectangles both outlines leave, mm³. */
    double rectangles() {
        return volume().mm3() / fill();
    }

    /** Heights between which both outlines are straight, and fine enough for the surface. */
    private double[] heights(int levels) {
        double[] all = DoubleStream.concat(
                        DoubleStream.concat(seen.heights(), aside.heights()),
                        DoubleStream.iterate(0, z -> z + height.mm() / levels).limit(levels + 1L))
                .filter(z -> z >= 0 && z <= height.mm() + SAME_MM)
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
    private double[] moments() {
        double[] heights = heights(1);
        double[] sums = new double[4];
        for (int i = 0; i + 1 < heights.length; i++) {
            double slab = heights[i + 1] - heights[i];
            for (double at : GAUSS) {
                double up = heights[i] + at * slab;
                for (Piece piece : pieces(up)) {
                    double clay = fill() * piece.room() * slab / 2;
                    sums[0] += clay;
                    sums[1] += clay * piece.across();
                    sums[2] += clay * piece.away();
                    sums[3] += clay * up;
                }
            }
        }
        return sums;
    }

    @Override
    public ShapeKind kind() {
        return ShapeKind.FRONT_AND_SIDE;
    }

    @Override
    public List<Double> dimensions() {
        return List.of(height.mm(), corners);
    }

    @Override
    public List<DrawnLine> lines() {
        return List.of(frontLine, sideLine);
    }

    @Override
    public Volume volume() {
        return new Volume(moments()[0]);
    }

    @Override
    public Length centroidHeight() {
        double[] sums = moments();
        return new Length(sums[3] / sums[0]);
    }

    @Override
    public Point3 centroid() {
        double[] sums = moments();
        return new Point3(sums[1] / sums[0], -sums[2] / sums[0], sums[3] / sums[0]);
    }

    /** Bands between level sections, and what lies level where a section jumps. */
    @Override
    public Area surface() {
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
        return new Area(surface + below);
    }

    private double level(List<Piece> pieces) {
        return fill() * pieces.stream().mapToDouble(Piece::room).sum();
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
        return Math.hypot(Math.hypot(uy * vz - uz * vy, uz * vx - ux * vz), ux * vy - uy * vx) / 2;
    }

    private List<Outline.Point> ring(Piece piece) {
        return ring(piece, TURNS);
    }

    private List<Outline.Point> ring(Piece piece, int turns) {
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
        return Math.signum(part) * Math.pow(Math.abs(part), 2 / corners);
    }

    /** The largest ball about the middle of a level section that both outlines hold; exact where the sections share one axis. */
    @Override
    public InnerBall thickest() {
        InnerBall found = thickest(0, height.mm());
        for (int finer = 0; finer < REFINED; finer++) {
            double near = height.mm() / Math.pow(BALLS, finer + 1);
            double at = found.middle().upMm();
            InnerBall better = thickest(Math.max(0, at - near), Math.min(height.mm(), at + near));
            found = better.diameter().mm() > found.diameter().mm() ? better : found;
        }
        return found;
    }

    private InnerBall thickest(double from, double to) {
        double most = 0;
        Point3 at = new Point3(0, 0, height.mm() / 2);
        for (int i = 0; i < BALLS; i++) {
            double up = from + (to - from) * (i + 0.5) / BALLS;
            for (Piece piece : pieces(up)) {
                double radius = Math.min(seen.clearance(piece.across(), up), aside.clearance(piece.away(), up));
                if (radius > most) {
                    most = radius;
                    at = new Point3(piece.across(), -piece.away(), up);
                }
            }
        }
        return new InnerBall(new Length(2 * most), at);
    }

    @Override
    public Box box() {
        return Box.mm(seen.wide(), aside.wide(), height.mm());
    }

    /**
     * The room inside both outlines moved in by the wall, as far up and down as both reach. On a form that is not round the wall is
     * thinner between its front and its side; its least and greatest are those between points on both surfaces.
     */
    @Override
    public Optional<Inset> inset(Length wall, Floor floor) {
        double low = 0;
        double high = height.mm();
        Optional<Polygon> inFront = Optional.empty();
        Optional<Polygon> inSide = Optional.empty();
        // Twice, so that both are as high as the lower one of them.
        for (int i = 0; i < 2; i++) {
            inFront = seen.inner(wall.mm(), low, high);
            inSide = aside.inner(wall.mm(), low, high);
            if (inFront.isEmpty() || inSide.isEmpty()) {
                return Optional.empty();
            }
            Envelope one = inFront.get().getEnvelopeInternal();
            Envelope other = inSide.get().getEnvelopeInternal();
            low = Math.max(one.getMinY(), other.getMinY());
            high = Math.min(one.getMaxY(), other.getMaxY());
            if (high - low < LEAST_ROOM_MM || Math.min(one.getWidth(), other.getWidth()) < LEAST_ROOM_MM) {
                return Optional.empty();
            }
        }
        FrontAndSide room = new FrontAndSide(
                Silhouette.line(inFront.get()), Silhouette.line(inSide.get()), new Length(high - low), corners);
        Inset.Core core = new Inset.Core(
                room,
                inFront.get().getEnvelopeInternal().centre().x,
                -inSide.get().getEnvelopeInternal().centre().x,
                low);
        double[] walls = walls(core);
        return Optional.of(new Inset(
                List.of(core),
                new Length(walls[0]),
                new InnerBall(new Length(walls[1]), new Point3(0, 0, low / 2)),
                false));
    }

    /** The least distance from a point on this surface to the core's, and the greatest, mm. */
    private double[] walls(Inset.Core core) {
        List<Point3> inner = core.solid().hull(TURNS).stream()
                .map(p -> new Point3(
                        p.acrossMm() + core.acrossMm(), p.frontMm() + core.frontMm(), p.upMm() + core.raisedMm()))
                .toList();
        double[] walls = {Double.MAX_VALUE, 0};
        for (Point3 at : hull(2 * TURNS)) {
            double nearest = Double.MAX_VALUE;
            for (Point3 p : inner) {
                double across = at.acrossMm() - p.acrossMm();
                double front = at.frontMm() - p.frontMm();
                double up = at.upMm() - p.upMm();
                nearest = Math.min(nearest, across * across + front * front + up * up);
            }
            walls[0] = Math.min(walls[0], Math.sqrt(nearest));
            walls[1] = Math.max(walls[1], Math.sqrt(nearest));
        }
        return walls;
    }

    @Override
    public List<Outline> section() {
        return List.of(seen.outline());
    }

    @Override
    public List<Outline> side() {
        return List.of(aside.outline());
    }

    @Override
    public List<Outline> level(double upMm) {
        return pieces(upMm).stream().map(piece -> new Outline(ring(piece))).toList();
    }

    /** Everything its levels cover. */
    @Override
    public List<Outline> plan() {
        List<Outline> levels = new ArrayList<>();
        for (int i = 0; i < SEEN; i++) {
            levels.addAll(level(height.mm() * (i + 0.5) / SEEN));
        }
        return Outline.union(levels);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof FrontAndSide that
                && lines().equals(that.lines())
                && dimensions().equals(that.dimensions());
    }

    @Override
    public int hashCode() {
        return Objects.hash(lines(), dimensions());
    }

    @Override
    public String toString() {
        return "FrontAndSide[" + box() + ", " + corners + "]";
    }

    @Override
    public List<Point3> hull(int turns) {
        List<Point3> points = new ArrayList<>();
        for (int i = 0; i <= HULL; i++) {
            double up = Math.min(height.mm() - SAME_MM, height.mm() * i / HULL + SAME_MM);
            for (Piece piece : pieces(up)) {
                ring(piece, Math.max(LEAST_TURNS, turns / 3))
                        .forEach(p -> points.add(new Point3(p.acrossMm(), -p.upMm(), up)));
            }
        }
        return points;
    }
}
