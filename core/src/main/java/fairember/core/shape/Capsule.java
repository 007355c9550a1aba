package fairember.core.shape;

import fairember.core.input.Figures;
import fairember.core.input.InvalidInputException;
import fairember.core.quantity.Area;
import fairember.core.quantity.Length;
import fairember.core.quantity.Volume;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A rod with a half ball on either end, standing: diameter d, length over all L ≥ d. */
public record Capsule(Length diameter, Length length) implements Turned {
    /**
     * A capsule at least as long as it is thick.
     *
     * @throws InvalidInputException when it is shorter
     */
    public Capsule {
        if (length.mm() < diameter.mm()) {
            throw new InvalidInputException(
                    "lengthMm",
                    Figures.show(length.mm(), "mm"),
                    "at least the diameter, " + Figures.show(diameter.mm(), "mm"),
                    "Make it longer, or use a ball.");
        }
    }

    private double d() {
        return diameter.mm();
    }

    private double l() {
        return length.mm();
    }

    @Override
    public ShapeKind kind() {
        return ShapeKind.CAPSULE;
    }

    @Override
    public List<Double> dimensions() {
        return List.of(diameter.mm(), length.mm());
    }

    @Override
    public Volume volume() {
        return new Volume(Math.PI * d() * d() * (l() - d()) / 4 + Math.PI * d() * d() * d() / 6);
    }

    @Override
    public Area surface() {
        return new Area(Math.PI * d() * l());
    }

    @Override
    public InnerBall thickest() {
        return InnerBall.of(d(), 0, l() / 2);
    }

    @Override
    public Support support() {
        return (across, front, up) -> d() / 2 * Math.sqrt(across * across + front * front + up * up)
                + Math.max(d() / 2 * up, (l() - d() / 2) * up);
    }

    @Override
    public Length centroidHeight() {
        return new Length(l() / 2);
    }

    @Override
    public List<Outline.Point> profile() {
        List<Outline.Point> points = new ArrayList<>(Curves.arc(d() / 2, d() / 2, d() / 2, -Math.PI / 2, 0));
        points.addAll(Curves.arc(l() - d() / 2, d() / 2, d() / 2, 0, Math.PI / 2));
        return points;
    }

    @Override
    public Optional<Inset> inset(Length wall, Floor floor) {
        double s = wall.mm();
        InnerBall thickest = InnerBall.of(s, (d() - s) / 2, l() / 2);
        return Walls.less(diameter, 2 * s)
                .map(d -> Inset.even(new Capsule(d, new Length(l() - 2 * s)), s, wall, thickest));
    }
}
