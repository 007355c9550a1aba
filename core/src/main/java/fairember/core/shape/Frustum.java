package fairember.core.shape;

import fairember.core.input.InvalidInputException;
import fairember.core.quantity.Area;
import fairember.core.quantity.Length;
import fairember.core.quantity.Volume;
import java.util.List;
import java.util.Optional;

/** A cut cone standing on its bottom face, either end the wider or a point: bottom and top diameter, height h. */
public record Frustum(Length bottom, Length top, Length height) implements Turned {
    /**
     * A cut cone with a face at one end at least.
     *
     * @throws InvalidInputException when both ends are points
     */
    public Frustum {
        if (bottom.mm() <= 0 && top.mm() <= 0) {
            throw new InvalidInputException(
                    "topMm", "both ends 0 mm", "at least one end over 0 mm", "Give the bottom or the top a diameter.");
        }
    }

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
    public List<Double> dimensions() {
        return List.of(bottom.mm(), top.mm(), height.mm());
    }

    @Override
    public Volume volume() {
        return new Volume(Math.PI * h() * (wide() * wide() + wide() * narrow() + narrow() * narrow()) / 3);
    }

    @Override
    public Area surface() {
        return new Area(Math.PI * (wide() * wide() + narrow() * narrow() + (wide() + narrow()) * slant()));
    }

    @Override
    public InnerBall thickest() {
        double t = Math.min(h(), 2 * wide() * h() / (slant() + wide() - narrow()));
        return InnerBall.of(t, 0, fromWide(t / 2));
    }

    @Override
    public Length centroidHeight() {
        double w = wide();
        double n = narrow();
        double aboveWide = h() * (w * w + 2 * w * n + 3 * n * n) / (4 * (w * w + w * n + n * n));
        return new Length(fromWide(aboveWide));
    }

    @Override
    public List<Outline.Point> profile() {
        return Walls.points(0, 0, bottom.mm() / 2, 0, top.mm() / 2, h(), 0, h());
    }

    /** Radius R(z) − s·S/h between z = s, or the open base, and z = h − s; a cone when one end would be negative. */
    @Override
    public Optional<Inset> inset(Length wall, Floor floor) {
        double s = wall.mm();
        double low = Walls.raised(wall, floor);
        double bottomLeft = radiusAt(low) - s * slant() / h();
        double topLeft = radiusAt(h() - s) - s * slant() / h();
        double left = h() - s - low;
        double slope = Math.abs(bottom.mm() - top.mm()) / 2 / h();
        boolean conical = Math.min(bottomLeft, topLeft) <= 0;
        double widest = Math.max(bottomLeft, topLeft);
        if (left <= 0 || widest <= 0 || (conical && topLeft > bottomLeft)) {
            return left <= 0 || widest <= 0 ? Optional.empty() : Optional.of(hangingCone(wall, floor, widest, slope));
        }
        Solid core = conical
                ? new Cone(new Length(2 * bottomLeft), new Length(bottomLeft / slope))
                : new Frustum(new Length(2 * bottomLeft), new Length(2 * topLeft), new Length(left));
        InnerBall thickest = thickestIn(wall, floor);
        if (conical) {
            double apex = low + bottomLeft / slope;
            double ball = pastApex(wall, slope, h() - apex);
            thickest = thickest.or(InnerBall.of(ball, 0, apex + ball / 2));
        }
        return Optional.of(Inset.even(core, low, wall, thickest));
    }

    /** Diameter of the largest ball between the core's point and the narrow end: 2s/(1 + sin lean), or all that there is. */
    private static double pastApex(Length wall, double slope, double way) {
        return Math.min(2 * wall.mm() / (1 + Math.sin(Math.atan(slope))), way);
    }

    /** The core of a frustum that stands on its narrow end and is too narrow there: a cone, point down. */
    private Inset hangingCone(Length wall, Floor floor, double widest, double slope) {
        double high = widest / slope;
        Frustum core = new Frustum(Length.ZERO, new Length(2 * widest), new Length(high));
        double apex = h() - wall.mm() - high;
        double ball = pastApex(wall, slope, apex);
        InnerBall thickest = thickestIn(wall, floor).or(InnerBall.of(ball, 0, apex - ball / 2));
        // Over an open base the tip may lie so low that the rim is nearer than the side: the true core is rounded
        // there.
        boolean onTheSide = apex >= wall.mm() * slope / Math.hypot(1, slope);
        return new Inset(List.of(new Inset.Core(core, 0, apex)), wall, thickest, onTheSide);
    }

    private double radiusAt(double up) {
        return (bottom.mm() + (top.mm() - bottom.mm()) * up / h()) / 2;
    }

    private InnerBall thickestIn(Length wall, Floor floor) {
        double lean = Math.atan2(wide() - narrow(), h());
        boolean wideOpen = floor == Floor.OPEN && bottom.mm() >= top.mm();
        double half = (Math.PI / 2 + (wideOpen ? lean : -lean)) / 2;
        double t = Walls.atEdge(wall, half);
        double edge = wideOpen ? narrow() : wide();
        double up = wideOpen ? h() - t / 2 : fromWide(t / 2);
        return InnerBall.of(t, edge - t / 2 / Math.tan(half), up);
    }
}
