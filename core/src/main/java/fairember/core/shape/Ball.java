package fairember.core.shape;

import fairember.core.quantity.Area;
import fairember.core.quantity.Length;
import fairember.core.quantity.Volume;
import java.util.List;
import java.util.Optional;

/** A ball. */
public record Ball(Length diameter) implements Turned {
    private double d() {
        return diameter.mm();
    }

    @Override
    public ShapeKind kind() {
        return ShapeKind.BALL;
    }

    @Override
    public List<Double> dimensions() {
        return List.of(diameter.mm());
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
    public Support support() {
        return Support.ball(d() / 2, d() / 2);
    }

    @Override
    public Length centroidHeight() {
        return new Length(d() / 2);
    }

    @Override
    public List<Outline.Point> profile() {
        return Curves.arc(d() / 2, d() / 2, d() / 2, -Math.PI / 2, Math.PI / 2);
    }

    @Override
    public Optional<Inset> inset(Length wall, Floor floor) {
        InnerBall thickest = InnerBall.of(wall.mm(), (d() - wall.mm()) / 2, d() / 2);
        return Walls.less(diameter, 2 * wall.mm()).map(d -> Inset.even(new Ball(d), wall.mm(), wall, thickest));
    }
}
