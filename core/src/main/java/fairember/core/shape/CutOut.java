package fairember.core.shape;

import fairember.core.outline.CutShape;
import fairember.core.quantity.Area;
import fairember.core.quantity.Length;
import fairember.core.quantity.Volume;
import java.util.ArrayList;
import java.util.List;

/**
 * A sheet cut to any outline, lying flat: across as drawn, the drawing's top away from the one who looks. It takes no core.
 *
 * @param outline at true size
 * @param thickness of the sheet
 */
public record CutOut(CutShape outline, Length thickness) implements Solid {
    private double t() {
        return thickness.mm();
    }

    private double middle() {
        return outline.height().mm() / 2;
    }

    @Override
    public ShapeKind kind() {
        return ShapeKind.CUT_OUT;
    }

    @Override
    public List<Double> dimensions() {
        return List.of(t());
    }

    @Override
    public Volume volume() {
        return new Volume(outline.area().mm2() * t());
    }

    @Override
    public Area surface() {
        return new Area(2 * outline.area().mm2() + outline.edge().mm() * t());
    }

    @Override
    public InnerBall thickest() {
        double across = 2 * outline.inradius().mm();
        return new InnerBall(
                new Length(Math.min(t(), across)),
                new Point3(outline.inscribedAcrossMm(), middle() - outline.inscribedUpMm(), t() / 2));
    }

    @Override
    public Box box() {
        return new Box(outline.width(), outline.height(), thickness);
    }

    @Override
    public Length centroidHeight() {
        return thickness.times(0.5);
    }

    @Override
    public Point3 centroid() {
        return new Point3(outline.centreAcrossMm(), middle() - outline.centreUpMm(), t() / 2);
    }

    /** What the knife leaves along the middle, as one strip from its left to its right. */
    @Override
    public List<Outline> section() {
        double half = outline.width().mm() / 2;
        return List.of(Outline.rectangle(-half, 0, half, t()));
    }

    @Override
    public List<Outline> side() {
        return List.of(Outline.rectangle(-middle(), 0, middle(), t()));
    }

    @Override
    public List<Outline> plan() {
        return outline.rings().stream().map(ring -> ring(ring, -middle())).toList();
    }

    private static Outline ring(CutShape.Ring ring, double up) {
        List<Outline.Point> points = new ArrayList<>();
        for (int i = 0; i < ring.size(); i++) {
            points.add(new Outline.Point(ring.x(i), ring.y(i) + up));
        }
        return new Outline(points);
    }

    @Override
    public List<Outline> level(double upMm) {
        return upMm < 0 || upMm > t() ? List.of() : plan();
    }

    @Override
    public List<Point3> hull(int turns) {
        return Curves.stacked(plan().subList(0, 1), 0, t());
    }
}
