package fairember.core.shape;

import fairember.core.measure.Area;
import fairember.core.measure.Length;
import fairember.core.measure.Volume;
import java.util.List;
import java.util.Optional;

/** A cut cone standing on its bottom face, either end the wider: bottom and top diameter, height h. */
public record Frustum(Length bottom, Length top, Length height) implements Solid {
    private double wide() {
        return Math.max(bottom.mm(), top.mm()) / 2;
    }

    private double narrow() {
        return Math.min(bottom.mm(), top.mm()) / 2;
    }

    private double h() {
        return height.mm();
    }

    /** Height above the base of what lies this far from the wide end. */
    private double fromWide(double distance) {
        return bottom.mm() >= top.mm() ? distance : h() - distance;
    }

    private double slant() {
        return Math.hypot(wide() - narrow(), h());
    }

    @Override
    public ShapeKind kind() {
        return ShapeKind.FRUSTUM;
    }

    @Override
    public List<Length> dimensions() {
        return List.of(bottom, top, height);
    }

    @Override
    public Volume volume() {
        double w = wide();
        double n = narrow();
        return new Volume(Math.PI * h() * (w * w + w * n + n * n) / 3);
    }

    @Override
    public Area surface() {
        double w = wide();
        double n = narrow();
        return new Area(Math.PI * (w * w + n * n + (w + n) * slant()));
    }

    @Override
    public InnerBall thickest() {
        double t = Math.min(h(), 2 * wide() * h() / (slant() + wide() - narrow()));
        return InnerBall.of(t, 0, fromWide(t / 2));
    }

    @Override
    public Box box() {
        Length across = new Length(2 * wide());
        return new Box(across, across, height);
    }

    @Override
    public Length centroidHeight() {
        double w = wide();
        double n = narrow();
        double aboveWide = h() * (w * w + 2 * w * n + 3 * n * n) / (4 * (w * w + w * n + n * n));
        return new Length(fromWide(aboveWide));
    }

    /** Radius R(z) − wall·S/h between z = wall and z = h − wall; a cone when one end would be negative. */
    @Override
    public Optional<Solid> inset(Length wall) {
        double s = wall.mm();
        double left = h() - 2 * s;
        double aside = s * slant() / h();
        double slope = (wide() - narrow()) / h();
        double wideLeft = wide() - slope * s - aside;
        double narrowLeft = narrow() + slope * s - aside;
        if (left <= 0 || wideLeft <= 0) {
            return Optional.empty();
        }
        if (narrowLeft > 0) {
            Length wideEnd = new Length(2 * wideLeft);
            Length narrowEnd = new Length(2 * narrowLeft);
            boolean upright = bottom.mm() >= top.mm();
            return Optional.of(
                    new Frustum(upright ? wideEnd : narrowEnd, upright ? narrowEnd : wideEnd, new Length(left)));
        }
        return Optional.of(new Cone(new Length(2 * wideLeft), new Length(wideLeft / slope)));
    }

    @Override
    public InnerBall thickestInWall(Length wall) {
        double half = (Math.PI / 2 - Math.atan2(wide() - narrow(), h())) / 2;
        double t = Walls.atEdge(wall, half);
        return InnerBall.of(t, wide() - t / 2 / Math.tan(half), fromWide(t / 2));
    }

    @Override
    public List<Outline> section() {
        double b = bottom.mm() / 2;
        double t = top.mm() / 2;
        return List.of(Outline.of(-b, 0, b, 0, t, h(), -t, h()));
    }
}
