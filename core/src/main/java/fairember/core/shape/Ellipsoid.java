package fairember.core.shape;

import fairember.core.quantity.Area;
import fairember.core.quantity.Length;
import fairember.core.quantity.Volume;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hipparchus.special.elliptic.carlson.CarlsonEllipticIntegral;

/** A ball pressed or drawn out along its three axes: width 2a across, depth 2b front to back, height 2c. */
public record Ellipsoid(Length width, Length depth, Length height) implements Solid {
    private double a() {
        return width.mm() / 2;
    }

    private double b() {
        return depth.mm() / 2;
    }

    private double c() {
        return height.mm() / 2;
    }

    @Override
    public ShapeKind kind() {
        return ShapeKind.ELLIPSOID;
    }

    @Override
    public List<Double> dimensions() {
        return List.of(width.mm(), depth.mm(), height.mm());
    }

    @Override
    public Volume volume() {
        return new Volume(4 * Math.PI / 3 * a() * b() * c());
    }

    /** Exact, by Carlson's symmetric integral of the second kind: A = 4πabc·R_G(a⁻², b⁻², c⁻²). */
    @Override
    public Area surface() {
        return new Area(4 * Math.PI * a() * b() * c() * symmetricIntegral());
    }

    /** R_G(a⁻², b⁻², c⁻²), 1/mm. */
    double symmetricIntegral() {
        return CarlsonEllipticIntegral.rG(1 / (a() * a()), 1 / (b() * b()), 1 / (c() * c()));
    }

    @Override
    public InnerBall thickest() {
        return new InnerBall(box().shortest(), new Point3(0, 0, c()));
    }

    @Override
    public Support support() {
        return (across, front, up) ->
                Math.sqrt(a() * a() * across * across + b() * b() * front * front + c() * c() * up * up) + c() * up;
    }

    @Override
    public Length centroidHeight() {
        return new Length(c());
    }

    @Override
    public Box box() {
        return new Box(width, depth, height);
    }

    /** Approximate: every semi-axis less s, so that the wall is nowhere thicker; the thinnest is worked out. */
    @Override
    public Optional<Inset> inset(Length wall, Floor floor) {
        double s = wall.mm();
        if (s >= Math.min(a(), Math.min(b(), c()))) {
            return Optional.empty();
        }
        Ellipsoid core = new Ellipsoid(new Length(2 * (a() - s)), new Length(2 * (b() - s)), new Length(2 * (c() - s)));
        double thinnest = Math.min(
                UnevenWall.thinnest(a(), c(), s),
                Math.min(UnevenWall.thinnest(b(), c(), s), UnevenWall.thinnest(a(), b(), s)));
        InnerBall thickest = InnerBall.of(s, a() - s / 2, c());
        return Optional.of(new Inset(
                List.of(new Inset.Core(core, 0, s)), new Length(thinnest), thickest, thinnest > s * (1 - 1e-6)));
    }

    @Override
    public List<Outline> section() {
        return List.of(Curves.ellipse(a(), c(), c()));
    }

    @Override
    public List<Outline> side() {
        return List.of(Curves.ellipse(b(), c(), c()));
    }

    @Override
    public List<Outline> plan() {
        return List.of(Curves.ellipse(a(), b(), 0));
    }

    @Override
    public List<Outline> level(double upMm) {
        double off = (upMm - c()) / c();
        double scale = Math.sqrt(Math.max(0, 1 - off * off));
        return scale == 0 ? List.of() : List.of(Curves.ellipse(a() * scale, b() * scale, 0));
    }

    @Override
    public List<Point3> hull(int turns) {
        List<Point3> spots = new ArrayList<>();
        for (Outline.Point point : Curves.arc(0, 1, c(), -Math.PI / 2, Math.PI / 2)) {
            double scale = Math.max(point.acrossMm(), 1e-6);
            spots.addAll(Curves.stacked(List.of(Curves.ellipse(a() * scale, b() * scale, 0)), c() + point.upMm()));
        }
        return spots;
    }
}
