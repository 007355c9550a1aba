package fairember.core.shape;

import fairember.core.measure.Area;
import fairember.core.measure.Length;
import fairember.core.measure.Volume;
import java.util.List;
import java.util.Optional;

/** A ball. */
public record Ball(Length diameter) implements Solid {
    private double d() {
        return diameter.mm();
    }

    @Override
    public ShapeKind kind() {
        return ShapeKind.BALL;
    }

    @Override
    public List<Length> dimensions() {
        return List.of(diameter);
    }

    @Override
    public Volume volume() {
        return new Volume(Math.PI * d() * d() * d() / 6);
    }

    @Override
    public Area surface() {
        return new Area(Math.PI * d() * d());
    }

    @Override
    public InnerBall thickest() {
        return InnerBall.of(d(), 0, d() / 2);
    }

    @Override
    public Box box() {
        return Box.mm(d(), d(), d());
    }

    @Override
    public Length centroidHeight() {
        return diameter.times(0.5);
    }

    @Override
    public Optional<Solid> inset(Length wall) {
        return Walls.less(diameter, 2 * wall.mm()).map(Ball::new);
    }

    @Override
    public InnerBall thickestInWall(Length wall) {
        return new InnerBall(wall, (d() - wall.mm()) / 2, d() / 2);
    }

    @Override
    public List<Outline> section() {
        return List.of(Outline.arc(d() / 2, d() / 2, 0, 2 * Math.PI));
    }
}
