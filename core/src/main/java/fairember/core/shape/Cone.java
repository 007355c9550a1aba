package fairember.core.shape;

import fairember.core.measure.Area;
import fairember.core.measure.Length;
import fairember.core.measure.Volume;
import java.util.List;
import java.util.Optional;

/** A round cone standing on its base: base diameter d, height h; r = d/2, slant S = √(r² + h²). */
public record Cone(Length diameter, Length height) implements Solid {
    private double r() {
        return diameter.mm() / 2;
    }

    private double h() {
        return height.mm();
    }

    private double slant() {
        return Math.hypot(r(), h());
    }

    /** Radius of the inscribed ball. */
    private double inradius() {
        return r() * h() / (r() + slant());
    }

    @Override
    public ShapeKind kind() {
        return ShapeKind.CONE;
    }

    @Override
    public List<Length> dimensions() {
        return List.of(diameter, height);
    }

    @Override
    public Volume volume() {
        return new Volume(Math.PI * r() * r() * h() / 3);
    }

    @Override
    public Area surface() {
        return new Area(Math.PI * r() * (r() + slant()));
    }

    @Override
    public InnerBall thickest() {
        return InnerBall.of(2 * inradius(), 0, inradius());
    }

    @Override
    public Box box() {
        return new Box(diameter, diameter, height);
    }

    @Override
    public Length centroidHeight() {
        return height.times(0.25);
    }

    /** The cone scaled by 1 − wall/ρ about the centre of its inscribed ball, ρ its radius. */
    @Override
    public Optional<Solid> inset(Length wall) {
        double scale = 1 - wall.mm() / inradius();
        return scale > 0 ? Optional.of(new Cone(diameter.times(scale), height.times(scale))) : Optional.empty();
    }

    @Override
    public InnerBall thickestInWall(Length wall) {
        double apexHalf = Math.atan2(r(), h());
        double rimHalf = Math.atan2(h(), r()) / 2;
        double apex = Walls.atEdge(wall, apexHalf);
        double rim = Walls.atEdge(wall, rimHalf);
        return InnerBall.of(apex, 0, h() - apex / 2 / Math.sin(apexHalf))
                .or(InnerBall.of(rim, r() - rim / 2 / Math.tan(rimHalf), rim / 2));
    }

    @Override
    public List<Outline> section() {
        return List.of(Outline.of(-r(), 0, r(), 0, 0, h()));
    }
}
