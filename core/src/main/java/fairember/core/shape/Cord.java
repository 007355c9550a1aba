package fairember.core.shape;

import fairember.core.quantity.Length;
import java.util.ArrayList;
import java.util.List;

/** A straight cord lying across: diameter d, length L. */
public record Cord(Length diameter, Length length) implements Strand {
    private double d() {
        return diameter.mm();
    }

    private double half() {
        return length.mm() / 2;
    }

    @Override
    public ShapeKind kind() {
        return ShapeKind.CORD;
    }

    @Override
    public List<Double> dimensions() {
        return List.of(diameter.mm(), length.mm());
    }

    @Override
    public Length cord() {
        return diameter;
    }

    @Override
    public Length centreLine() {
        return length;
    }

    @Override
    public InnerBall thickest() {
        return InnerBall.of(Math.min(d(), length.mm()), 0, d() / 2);
    }

    @Override
    public Box box() {
        return new Box(length, diameter, diameter);
    }

    @Override
    public Support support() {
        return (across, front, up) ->
                half() * Math.abs(across) + d() / 2 * Math.sqrt(front * front + up * up) + d() / 2 * up;
    }

    @Override
    public Length centroidHeight() {
        return diameter.times(0.5);
    }

    @Override
    public List<Outline> section() {
        return List.of(Outline.rectangle(-half(), 0, half(), d()));
    }

    @Override
    public List<Outline> side() {
        return List.of(Curves.ellipse(d() / 2, d() / 2, d() / 2));
    }

    @Override
    public List<Outline> plan() {
        return List.of(Outline.rectangle(-half(), -d() / 2, half(), d() / 2));
    }

    @Override
    public List<Outline> level(double upMm) {
        double wide = Math.sqrt(Math.max(0, d() * d() / 4 - (upMm - d() / 2) * (upMm - d() / 2)));
        return wide == 0 ? List.of() : List.of(Outline.rectangle(-half(), -wide, half(), wide));
    }

    @Override
    public List<Point3> hull(int turns) {
        List<Point3> spots = new ArrayList<>();
        for (Outline.Point p : side().get(0).points()) {
            spots.add(new Point3(-half(), p.acrossMm(), p.upMm()));
            spots.add(new Point3(half(), p.acrossMm(), p.upMm()));
        }
        return spots;
    }
}
