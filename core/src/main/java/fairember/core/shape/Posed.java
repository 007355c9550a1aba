package fairember.core.shape;

import fairember.core.shape.Outline.Point;
import java.util.List;
import java.util.function.UnaryOperator;

/**
 * A solid turned so that its top points where it faces, standing on the underside it then has: its measures and views from
 * the middle of that underside.
 */
public record Posed(Solid solid, Facing facing) {
    private static final int SKETCHED = 24;

    private double w() {
        return solid.box().width().mm();
    }

    private double d() {
        return solid.box().depth().mm();
    }

    private double h() {
        return solid.box().height().mm();
    }

    public Box box() {
        Box own = solid.box();
        return switch (facing) {
            case UP, DOWN -> own;
            case FRONT -> new Box(own.width(), own.height(), own.depth());
            case ACROSS -> new Box(own.height(), own.depth(), own.width());
        };
    }

    /** Where a place of the upright solid comes to lie. */
    public Point3 turned(Point3 own) {
        double a = own.acrossMm();
        double f = own.frontMm();
        double u = own.upMm();
        return switch (facing) {
            case UP -> own;
            case DOWN -> new Point3(-a, f, h() - u);
            case FRONT -> new Point3(a, u - h() / 2, d() / 2 - f);
            case ACROSS -> new Point3(u - h() / 2, f, w() / 2 - a);
        };
    }

    /** The place of the upright solid that comes to lie here: the other way round. */
    public Point3 upright(Point3 here) {
        double a = here.acrossMm();
        double f = here.frontMm();
        double u = here.upMm();
        return switch (facing) {
            case UP -> here;
            case DOWN -> new Point3(-a, f, h() - u);
            case FRONT -> new Point3(a, d() / 2 - u, f + h() / 2);
            case ACROSS -> new Point3(w() / 2 - u, f, a + h() / 2);
        };
    }

    public Point3 centroid() {
        return turned(solid.centroid());
    }

    public List<Point3> hull() {
        return solid.hull().stream().map(this::turned).toList();
    }

    /** The same as coarse as a drawing needs it. */
    public List<Point3> sketchedHull() {
        return solid.hull(SKETCHED).stream().map(this::turned).toList();
    }

    public List<Outline> front() {
        return switch (facing) {
            case UP, DOWN, ACROSS -> inFront(solid.front());
            case FRONT -> lifted(solid.plan());
        };
    }

    /** Seen from the right; "across" is away from the one who stands in front. */
    public List<Outline> side() {
        return switch (facing) {
            case UP -> solid.side();
            case DOWN -> each(solid.side(), p -> new Point(p.acrossMm(), h() - p.upMm()));
            case FRONT -> each(solid.side(), p -> new Point(h() / 2 - p.upMm(), d() / 2 + p.acrossMm()));
            case ACROSS -> each(solid.plan(), p -> new Point(p.upMm(), w() / 2 - p.acrossMm()));
        };
    }

    /** The upright section through its middle, across. */
    public List<Outline> section() {
        return facing == Facing.FRONT ? lifted(solid.level(h() / 2)) : inFront(solid.section());
    }

    /** The same section of a core inside it. */
    public List<Outline> section(Inset.Core core) {
        if (facing == Facing.FRONT) {
            return lifted(moved(core.solid().level(h() / 2 - core.raisedMm()), core.acrossMm(), -core.frontMm()));
        }
        return inFront(moved(core.solid().section(), core.acrossMm(), core.raisedMm()));
    }

    private List<Outline> inFront(List<Outline> own) {
        return each(own, p -> {
            Point3 turned = turned(new Point3(p.acrossMm(), 0, p.upMm()));
            return new Point(turned.acrossMm(), turned.upMm());
        });
    }

    private List<Outline> lifted(List<Outline> level) {
        return moved(level, 0, d() / 2);
    }

    private static List<Outline> moved(List<Outline> outlines, double across, double up) {
        return outlines.stream().map(outline -> outline.moved(across, up)).toList();
    }

    private static List<Outline> each(List<Outline> outlines, UnaryOperator<Point> map) {
        return outlines.stream().map(outline -> outline.mapped(map)).toList();
    }
}
