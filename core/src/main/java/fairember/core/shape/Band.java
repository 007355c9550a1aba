package fairember.core.shape;

import fairember.core.measure.Area;
import fairember.core.measure.Length;
import fairember.core.measure.Volume;
import java.util.List;
import java.util.Optional;

/** A strip of sheet wrapped once around something: tube on a core of diameter d, wall t, length L. It takes no core. */
public record Band(Length around, Length thickness, Length length) implements Solid {
    private double d() {
        return around.mm();
    }

    private double t() {
        return thickness.mm();
    }

    @Override
    public ShapeKind kind() {
        return ShapeKind.BAND;
    }

    @Override
    public List<Length> dimensions() {
        return List.of(around, thickness, length);
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
        double thinner = Math.min(t(), length.mm());
        return InnerBall.of(thinner, (d() + t()) / 2, length.mm() / 2);
    }

    @Override
    public Box box() {
        Length across = new Length(d() + 2 * t());
        return new Box(across, across, length);
    }

    @Override
    public Length centroidHeight() {
        return length.times(0.5);
    }

    @Override
    public Optional<Solid> inset(Length wall) {
        return Optional.empty();
    }

    @Override
    public InnerBall thickestInWall(Length wall) {
        return thickest();
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
}
