package fairember.core.shape;

import fairember.core.quantity.Area;
import fairember.core.quantity.Length;
import fairember.core.quantity.Volume;
import java.util.ArrayList;
import java.util.List;

/**
 * One of the equal pieces a disc is cut into, straight through its middle, lying flat: its point towards the one who looks, its
 * round edge away. A half disc has its straight edge there instead. It takes no core.
 *
 * <pre>
 * α = π/n, r = d/2     area r²·α     edge 2r·α + 2r     centre 2r·sin α/(3α) from the point
 * largest circle ρ = r·sin α/(1 + sin α), its middle ρ/sin α from the point
 * </pre>
 *
 * @param diameter d of the whole disc
 * @param thickness of it
 * @param pieces n it is cut into, 2 to 24
 */
public record DiscPiece(Length diameter, Length thickness, int pieces) implements Solid {
    private double r() {
        return diameter.mm() / 2;
    }

    private double t() {
        return thickness.mm();
    }

    private double half() {
        return Math.PI / pieces;
    }

    private double inradius() {
        return r() * Math.sin(half()) / (1 + Math.sin(half()));
    }

    /** Where something so far from the point lies from the middle of the box, away from the one who looks. */
    private double away(double fromPoint) {
        return fromPoint - r() / 2;
    }

    @Override
    public ShapeKind kind() {
        return ShapeKind.DISC_PIECE;
    }

    @Override
    public List<Double> dimensions() {
        return List.of(diameter.mm(), t(), (double) pieces);
    }

    @Override
    public Volume volume() {
        return new Volume(r() * r() * half() * t());
    }

    @Override
    public Area surface() {
        return new Area(2 * r() * r() * half() + (2 * r() * half() + 2 * r()) * t());
    }

    @Override
    public InnerBall thickest() {
        double across = 2 * inradius();
        return new InnerBall(
                new Length(Math.min(t(), across)), new Point3(0, -away(inradius() / Math.sin(half())), t() / 2));
    }

    @Override
    public Box box() {
        return new Box(new Length(2 * r() * Math.sin(half())), new Length(r()), thickness);
    }

    @Override
    public Length centroidHeight() {
        return thickness.times(0.5);
    }

    @Override
    public Point3 centroid() {
        return new Point3(0, -away(2 * r() * Math.sin(half()) / (3 * half())), t() / 2);
    }

    /** What the knife leaves along the middle, as one strip from its left to its right. */
    @Override
    public List<Outline> section() {
        double wide = box().width().mm() / 2;
        return List.of(Outline.rectangle(-wide, 0, wide, t()));
    }

    @Override
    public List<Outline> side() {
        return List.of(Outline.rectangle(-r() / 2, 0, r() / 2, t()));
    }

    @Override
    public List<Outline> plan() {
        List<Outline.Point> points = new ArrayList<>();
        points.add(new Outline.Point(0, away(0)));
        double step = 2 * Math.acos(1 - Math.min(1, Outline.FLATNESS_MM / r()));
        int arcs = (int) Math.ceil(2 * half() / step);
        for (int i = 0; i <= arcs; i++) {
            double angle = half() - 2 * half() * i / arcs;
            points.add(new Outline.Point(r() * Math.sin(angle), away(r() * Math.cos(angle))));
        }
        return List.of(new Outline(points));
    }

    @Override
    public List<Outline> level(double upMm) {
        return upMm < 0 || upMm > t() ? List.of() : plan();
    }

    @Override
    public List<Point3> hull(int turns) {
        return Curves.stacked(plan(), 0, t());
    }
}
