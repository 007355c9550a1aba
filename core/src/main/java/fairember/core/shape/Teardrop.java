package fairember.core.shape;

import fairember.core.input.Figures;
import fairember.core.input.InvalidInputException;
import fairember.core.quantity.Area;
import fairember.core.quantity.Length;
import fairember.core.quantity.Volume;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A ball drawn out to a point, standing on the ball: diameter d = 2r, length over all L; D = L − r from the ball's centre to the point. */
public record Teardrop(Length diameter, Length length) implements Turned {
    /**
     * A teardrop with a point.
     *
     * @throws InvalidInputException when it is hardly longer than its ball
     */
    public Teardrop {
        if (length.mm() < 1.05 * diameter.mm()) {
            throw new InvalidInputException(
                    "lengthMm",
                    Figures.show(length.mm(), "mm"),
                    "at least %s, a twentieth over the diameter".formatted(Figures.show(1.05 * diameter.mm(), "mm")),
                    "Make it longer, or use a ball.");
        }
    }

    private double r() {
        return diameter.mm() / 2;
    }

    private double l() {
        return length.mm();
    }

    private double reach() {
        return l() - r();
    }

    @Override
    public ShapeKind kind() {
        return ShapeKind.TEARDROP;
    }

    @Override
    public List<Double> dimensions() {
        return List.of(diameter.mm(), length.mm());
    }

    @Override
    public Volume volume() {
        return new Volume(Math.PI * r() * r() * l() * l() / (3 * reach()));
    }

    @Override
    public Area surface() {
        return new Area(Math.PI * r() * l() * l() / reach());
    }

    @Override
    public InnerBall thickest() {
        return InnerBall.of(2 * r(), 0, r());
    }

    @Override
    public Support support() {
        Support ball = Support.ball(r(), r());
        return (across, front, up) -> Math.max(ball.in(across, front, up), l() * up);
    }

    @Override
    public Length centroidHeight() {
        return new Length(r() + (reach() - r()) * (reach() - r()) / (4 * reach()));
    }

    @Override
    public List<Outline.Point> profile() {
        double touch = Math.asin(r() / reach());
        List<Outline.Point> points = new ArrayList<>(Curves.arc(r(), r(), r(), -Math.PI / 2, 0));
        List<Outline.Point> upper = Curves.arc(r(), r(), r(), 0, touch);
        points.addAll(upper.subList(1, upper.size()));
        points.add(new Outline.Point(0, l()));
        return points;
    }

    /** The teardrop scaled by 1 − s/r about the ball's centre. */
    @Override
    public Optional<Inset> inset(Length wall, Floor floor) {
        double s = wall.mm();
        double scale = 1 - s / r();
        double half = Math.asin(r() / reach());
        double apex = Walls.atEdge(wall, half);
        InnerBall thickest = InnerBall.of(apex, 0, l() - apex / 2 / Math.sin(half));
        return scale <= 0
                ? Optional.empty()
                : Optional.of(Inset.even(new Teardrop(diameter.times(scale), length.times(scale)), s, wall, thickest));
    }
}
