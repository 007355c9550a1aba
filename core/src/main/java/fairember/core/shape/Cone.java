package fairember.core.shape;

import fairember.core.quantity.Area;
import fairember.core.quantity.Length;
import fairember.core.quantity.Volume;
import java.util.List;
import java.util.Optional;

/** A round cone standing on its base: base diameter d, height h; r = d/2, slant S = √(r² + h²). */
public record Cone(Length diameter, Length height) implements Turned {
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
    public List<Double> dimensions() {
        return List.of(diameter.mm(), height.mm());
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
    public Length centroidHeight() {
        return new Length(h() / 4);
    }

    @Override
    public List<Outline.Point> profile() {
        return Walls.points(0, 0, r(), 0, 0, h());
    }

    /**
     * Covered: the cone scaled by 1 − s/ρ about the centre of its inscribed ball, ρ its radius. Open: scaled by 1 − s·S/(r·h)
     * about the middle of its base.
     */
    @Override
    public Optional<Inset> inset(Length wall, Floor floor) {
        double s = wall.mm();
        double scale = floor == Floor.COVERED ? 1 - s / inradius() : 1 - s * slant() / (r() * h());
        if (scale <= 0) {
            return Optional.empty();
        }
        Cone core = new Cone(diameter.times(scale), height.times(scale));
        return Optional.of(Inset.even(core, Walls.raised(wall, floor), wall, thickestIn(wall, floor)));
    }

    private InnerBall thickestIn(Length wall, Floor floor) {
        double apexHalf = Math.atan2(r(), h());
        double rimHalf = Math.atan2(h(), r()) / 2;
        double apex = Walls.atEdge(wall, apexHalf);
        InnerBall atApex = InnerBall.of(apex, 0, h() - apex / 2 / Math.sin(apexHalf));
        double rim = Walls.atEdge(wall, rimHalf);
        return floor == Floor.OPEN ? atApex : atApex.or(InnerBall.of(rim, r() - rim / 2 / Math.tan(rimHalf), rim / 2));
    }
}
