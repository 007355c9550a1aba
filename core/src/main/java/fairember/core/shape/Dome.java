package fairember.core.shape;

import fairember.core.quantity.Area;
import fairember.core.quantity.Length;
import fairember.core.quantity.Volume;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Half a ball on its flat base: diameter d, r = d/2. */
public record Dome(Length diameter) implements Turned {
    private double r() {
        return diameter.mm() / 2;
    }

    @Override
    public ShapeKind kind() {
        return ShapeKind.DOME;
    }

    @Override
    public List<Double> dimensions() {
        return List.of(diameter.mm());
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
    public Support support() {
        return (across, front, up) -> r() * Math.sqrt(across * across + front * front + (up > 0 ? up * up : 0));
    }

    @Override
    public Length centroidHeight() {
        return new Length(3 * r() / 8);
    }

    @Override
    public List<Outline.Point> profile() {
        List<Outline.Point> points = new ArrayList<>(Walls.points(0, 0));
        points.addAll(Curves.arc(0, r(), r(), 0, Math.PI / 2));
        return points;
    }

    /** A cap of the inner sphere r − s, cut off one wall above the base, or at the open base. */
    @Override
    public Optional<Inset> inset(Length wall, Floor floor) {
        return Cap.insetOf(r(), r(), wall, floor);
    }
}
