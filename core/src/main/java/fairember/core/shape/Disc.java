package fairember.core.shape;

import fairember.core.quantity.Area;
import fairember.core.quantity.Length;
import fairember.core.quantity.Volume;
import java.util.List;

/** A sheet disc lying flat: diameter d, thickness t. It takes no core. */
public record Disc(Length diameter, Length thickness) implements Turned {
    private Rod rod() {
        return new Rod(diameter, thickness);
    }

    @Override
    public ShapeKind kind() {
        return ShapeKind.DISC;
    }

    @Override
    public List<Double> dimensions() {
        return List.of(diameter.mm(), thickness.mm());
    }

    @Override
    public Volume volume() {
        return new Volume(rod().volume().mm3());
    }

    @Override
    public Area surface() {
        return new Area(rod().surface().mm2());
    }

    @Override
    public InnerBall thickest() {
        return rod().thickest();
    }

    @Override
    public Length centroidHeight() {
        return new Length(thickness.mm() / 2);
    }

    @Override
    public List<Outline.Point> profile() {
        return rod().profile();
    }
}
