package fairember.core.shape;

import fairember.core.quantity.Area;
import fairember.core.quantity.Length;
import fairember.core.quantity.Volume;
import java.util.List;
import java.util.Optional;

/** A round rod standing on its end: diameter d, length L. */
public record Rod(Length diameter, Length length) implements Turned {
    private double d() {
        return diameter.mm();
    }

    private double l() {
        return length.mm();
    }

    @Override
    public ShapeKind kind() {
        return ShapeKind.ROD;
    }

    @Override
    public List<Double> dimensions() {
        return List.of(diameter.mm(), length.mm());
    }

    @Override
    public Volume volume() {
        return new Volume(Math.PI * d() * d() * l() / 4);
    }

    @Override
    public Area surface() {
        return new Area(Math.PI * d() * l() + Math.PI * d() * d() / 2);
    }

    @Override
    public InnerBall thickest() {
        return InnerBall.of(Math.min(d(), l()), 0, l() / 2);
    }

    @Override
    public Length centroidHeight() {
        return new Length(l() / 2);
    }

    @Override
    public List<Outline.Point> profile() {
        return Walls.points(0, 0, d() / 2, 0, d() / 2, l(), 0, l());
    }

    @Override
    public Optional<Inset> inset(Length wall, Floor floor) {
        double s = wall.mm();
        double t = Walls.atEdge(wall, Math.PI / 4);
        InnerBall thickest = InnerBall.of(t, (d() - t) / 2, l() - t / 2);
        return Walls.less(diameter, 2 * s)
                .flatMap(d -> Walls.less(length, Walls.floors(floor) * s).map(l -> new Rod(d, l)))
                .map(core -> Inset.even(core, Walls.raised(wall, floor), wall, thickest));
    }
}
