package fairember.core.shape;

import fairember.core.measure.Area;
import fairember.core.measure.Length;
import fairember.core.measure.Volume;
import java.util.List;
import java.util.Optional;

/** A sheet disc lying flat: diameter d, thickness t. It takes no core. */
public record Disc(Length diameter, Length thickness) implements Solid {
    private Rod rod() {
        return new Rod(diameter, thickness);
    }

    @Override
    public ShapeKind kind() {
        return ShapeKind.DISC;
    }

    @Override
    public List<Length> dimensions() {
        return List.of(diameter, thickness);
    }

    @Override
    public Volume volume() {
        return rod().volume();
    }

    @Override
    public Area surface() {
        return rod().surface();
    }

    @Override
    public InnerBall thickest() {
        return rod().thickest();
    }

    @Override
    public Box box() {
        return rod().box();
    }

    @Override
    public Length centroidHeight() {
        return thickness.times(0.5);
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
        return rod().section();
    }
}
