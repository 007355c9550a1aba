package fairember.core.shape;

import fairember.core.measure.Area;
import fairember.core.measure.Length;
import fairember.core.measure.Volume;
import java.util.List;
import java.util.Optional;

/** Half a ball on its flat base: diameter d, r = d/2. */
public record Dome(Length diameter) implements Solid {
    private double r() {
        return diameter.mm() / 2;
    }

    @Override
    public ShapeKind kind() {
        return ShapeKind.DOME;
    }

    @Override
    public List<Length> dimensions() {
        return List.of(diameter);
    }

    @Override
    public Volume volume() {
        return new Volume(2 * Math.PI * r() * r() * r() / 3);
    }

    @Override
    public Area surface() {
        return new Area(3 * Math.PI * r() * r());
    }

    @Override
    public InnerBall thickest() {
        return InnerBall.of(r(), 0, r() / 2);
    }

    @Override
    public Box box() {
        return Box.mm(2 * r(), 2 * r(), r());
    }

    @Override
    public Length centroidHeight() {
        return new Length(3 * r() / 8);
    }

    /** A cap of the inner sphere r − wall, cut off one wall above the base. */
    @Override
    public Optional<Solid> inset(Length wall) {
        return Cap.insetOf(r(), r(), wall.mm());
    }

    @Override
    public InnerBall thickestInWall(Length wall) {
        return Cap.thickestInWall(r(), r(), wall.mm());
    }

    @Override
    public List<Outline> section() {
        return List.of(Outline.arc(0, r(), 0, Math.PI));
    }
}
