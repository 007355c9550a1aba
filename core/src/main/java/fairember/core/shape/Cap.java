package fairember.core.shape;

import fairember.core.measure.Area;
import fairember.core.measure.Figures;
import fairember.core.measure.Length;
import fairember.core.measure.Refused;
import fairember.core.measure.Volume;
import java.util.List;
import java.util.Optional;

/**
 * Less than half a ball on its flat base: base diameter d, height h, a = d/2, h ≤ a; ρ = (a² + h²)/2h is the ball's
 * radius.
 */
public record Cap(Length diameter, Length height) implements Solid {
    /**
     * A cap that is at most half a ball.
     *
     * @throws Refused when the height is over half the base diameter
     */
    public Cap {
        if (height.mm() > diameter.mm() / 2 * (1 + 1e-9)) {
            throw new Refused(
                    "heightMm",
                    Figures.show(height.mm(), "mm"),
                    "up to half the diameter, " + Figures.show(diameter.mm() / 2, "mm"),
                    "Make the cap lower, or use a dome or a ball.");
        }
    }

    private double a() {
        return diameter.mm() / 2;
    }

    private double h() {
        return height.mm();
    }

    private double ballRadius() {
        return (a() * a() + h() * h()) / (2 * h());
    }

    @Override
    public ShapeKind kind() {
        return ShapeKind.CAP;
    }

    @Override
    public List<Length> dimensions() {
        return List.of(diameter, height);
    }

    @Override
    public Volume volume() {
        return new Volume(Math.PI * h() * (3 * a() * a() + h() * h()) / 6);
    }

    @Override
    public Area surface() {
        return new Area(Math.PI * (2 * a() * a() + h() * h()));
    }

    @Override
    public InnerBall thickest() {
        return new InnerBall(height, 0, h() / 2);
    }

    @Override
    public Box box() {
        return new Box(diameter, diameter, height);
    }

    @Override
    public Length centroidHeight() {
        double p = ballRadius();
        double fromCentre = 3 * (2 * p - h()) * (2 * p - h()) / (4 * (3 * p - h()));
        return new Length(fromCentre - (p - h()));
    }

    @Override
    public Optional<Solid> inset(Length wall) {
        return insetOf(ballRadius(), h(), wall.mm());
    }

    @Override
    public InnerBall thickestInWall(Length wall) {
        return thickestInWall(ballRadius(), h(), wall.mm());
    }

    @Override
    public List<Outline> section() {
        double p = ballRadius();
        double half = Math.acos((p - h()) / p);
        return List.of(Outline.arc(h() - p, p, Math.PI / 2 - half, Math.PI / 2 + half));
    }

    /** Inset of a cap of height h cut from a ball of radius ball: radius less s, height less 2s. */
    static Optional<Solid> insetOf(double ball, double h, double s) {
        double inner = ball - s;
        double left = h - 2 * s;
        if (inner <= 0 || left <= 0) {
            return Optional.empty();
        }
        double below = inner - left;
        double base = Math.sqrt(inner * inner - below * below);
        return Optional.of(new Cap(new Length(2 * base), new Length(left)));
    }

    /**
     * Largest ball in the wall of a cap: at the rim it touches the base, the outer sphere and the inset's edge. Its
     * centre lies r above the base, at ball − r from the sphere's centre and r from the edge, found by bisection.
     */
    static InnerBall thickestInWall(double ball, double h, double s) {
        double centre = h - ball;
        double inner = ball - s;
        double edgeAcross = Math.sqrt(Math.max(0, inner * inner - (s - centre) * (s - centre)));
        double low = s / 2;
        double high = s;
        for (int i = 0; i < 60; i++) {
            double r = (low + high) / 2;
            boolean fits = Math.hypot(rimAcross(ball, centre, r) - edgeAcross, s - r) >= r;
            low = fits ? r : low;
            high = fits ? high : r;
        }
        return InnerBall.of(low + high, rimAcross(ball, centre, low), low);
    }

    /** How far across a ball of radius r lies that touches the base and the sphere. */
    private static double rimAcross(double ball, double centre, double r) {
        return Math.sqrt(Math.max(0, (ball - r) * (ball - r) - (r - centre) * (r - centre)));
    }
}
