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
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Polygon;

/**
 * A form given by its outlines from the front and from the right. Every level section is a superellipse |x/a|ⁿ + |y/b|ⁿ = 1 in the
 * rectangle that both outlines leave it: n = 2 is round, a large n nearly square. Volume and surface are sums over its height,
 * exact for the polygons of the outlines and within 0.1 % of the curves. Immutable.
 */
public final class FrontAndSide implements Solid {
    private static final int TURNS = 96;
    private static final int LEAST_TURNS = 24;
    private static final int SEEN = 24;
    private static final int HULL = 32;
    private static final int BALLS = 60;
    private static final int REFINED = 2;
    /** Less room than this is none. */
    private static final double LEAST_ROOM_MM = 1;

    private final DrawnLine frontLine;
    private final DrawnLine sideLine;
    private final Length height;
    private final double corners;
    private final Silhouette seen;
    private final Silhouette aside;
    private final LevelSections sections;
    /** Volume in mm³, and that times how far it lies across, away and up. */
    private final double[] moments;

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
        this.sections = new LevelSections(seen, aside, height.mm(), corners);
        this.moments = sections.moments();
    }

    /** Share of its rectangle that a level section fills. */
    double fill() {
        return LevelSections.fill(corners);
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
        return new Volume(moments[0]);
    }

    @Override
    public Area surface() {
        return new Area(sections.surfaceMm2());
    }

    @Override
    public Length centroidHeight() {
        return new Length(moments[3] / moments[0]);
    }

    @Override
    public Point3 centroid() {
        return new Point3(
                moments[1] / moments[0],
                -moments[2] / moments[0],
                centroidHeight().mm());
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
            for (LevelSections.Piece piece : sections.pieces(up)) {
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
        return sections.pieces(upMm).stream()
                .map(piece -> new Outline(sections.ring(piece)))
                .toList();
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
            double up = Math.min(height.mm() - LevelSections.SAME_MM, height.mm() * i / HULL + LevelSections.SAME_MM);
            for (LevelSections.Piece piece : sections.pieces(up)) {
                sections.ring(piece, Math.max(LEAST_TURNS, turns / 3))
                        .forEach(p -> points.add(new Point3(p.acrossMm(), -p.upMm(), up)));
            }
        }
        return points;
    }
}
