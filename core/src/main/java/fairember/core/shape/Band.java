package fairember.core.shape;

import fairember.core.quantity.Area;
import fairember.core.quantity.Length;
import fairember.core.quantity.Volume;
import java.util.List;

/** A strip of sheet wrapped once around something: tube on a core of diameter d, wall t, length L. It takes no core. */
public record Band(Length around, Length thickness, Length length) implements Solid {
    private double d() {
        return around.mm();
    }

    private double t() {
        return thickness.mm();
    }

    /** Length of the sheet that it is wrapped of, on the neutral line: π·(d + t). */
    public Length sheet() {
        return new Length(Math.PI * (d() + t()));
    }

    @Override
    public ShapeKind kind() {
        return ShapeKind.BAND;
    }

    @Override
    public List<Double> dimensions() {
        return List.of(around.mm(), thickness.mm(), length.mm());
    }

    @Override
    public Volume volume() {
        return new Volume(Math.PI * t() * (d() + t()) * length.mm());
    }

    @Override
    public Area surface() {
        return new Area(2 * Math.PI * (d() + t()) * (length.mm() + t()));
    }

    @Override
    public InnerBall thickest() {
        return InnerBall.of(Math.min(t(), length.mm()), (d() + t()) / 2, length.mm() / 2);
    }

    @Override
    public Length centroidHeight() {
        return new Length(length.mm() / 2);
    }

    @Override
    public Box box() {
        Length across = new Length(d() + 2 * t());
        return new Box(across, across, length);
    }

    @Override
    public List<Outline> section() {
        double inner = d() / 2;
        double outer = inner + t();
        return List.of(
                Outline.rectangle(-outer, 0, -inner, length.mm()), Outline.rectangle(inner, 0, outer, length.mm()));
    }

    @Override
    public List<Outline> front() {
        double outer = d() / 2 + t();
        return List.of(Outline.rectangle(-outer, 0, outer, length.mm()));
    }

    @Override
    public List<Outline> plan() {
        return Curves.annulus(d() / 2, d() / 2 + t());
    }

    @Override
    public List<Outline> level(double upMm) {
        return upMm < 0 || upMm > length.mm() ? List.of() : plan();
    }

    @Override
    public List<Point3> hull(int turns) {
        double outer = d() / 2 + t();
        return Curves.turned(Walls.points(outer, 0, outer, length.mm()), turns);
    }
}
