package fairember.core.shape;

import fairember.core.measure.Area;
import fairember.core.measure.Length;
import fairember.core.measure.Volume;
import java.util.List;
import java.util.Optional;

/** A round rod standing on its end: diameter d, length L. */
public record Rod(Length diameter, Length length) implements Solid {
    @Override
    public ShapeKind kind() {
        return ShapeKind.ROD;
    }

    @Override
    public List<Length> dimensions() {
        return List.of(diameter, length);
    }

    @Override
    public Volume volume() {
        return new Volume(Math.PI * diameter.mm() * diameter.mm() * length.mm() / 4);
    }

    @Override
    public Area surface() {
        double d = diameter.mm();
        return new Area(Math.PI * d * length.mm() + Math.PI * d * d / 2);
    }

    @Override
    public InnerBall thickest() {
        return InnerBall.of(Math.min(diameter.mm(), length.mm()), 0, length.mm() / 2);
    }

    @Override
    public Box box() {
        return new Box(diameter, diameter, length);
    }

    @Override
    public Length centroidHeight() {
        return length.times(0.5);
    }

    @Override
    public Optional<Solid> inset(Length wall) {
        double both = 2 * wall.mm();
        return Walls.less(diameter, both).flatMap(d -> Walls.less(length, both).map(l -> new Rod(d, l)));
    }

    @Override
    public InnerBall thickestInWall(Length wall) {
        double t = Walls.atEdge(wall, Math.PI / 4);
        return InnerBall.of(t, (diameter.mm() - t) / 2, length.mm() - t / 2);
    }

    @Override
    public List<Outline> section() {
        double r = diameter.mm() / 2;
        return List.of(Outline.rectangle(-r, 0, r, length.mm()));
    }
}
