package fairember.core.shape;

import fairember.core.quantity.Area;
import fairember.core.quantity.Length;
import fairember.core.quantity.Volume;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hipparchus.analysis.UnivariateFunction;
import org.hipparchus.analysis.solvers.BrentSolver;

/**
 * A ball cut flat below: base diameter d, height h, a = d/2; ρ = (a² + h²)/2h is the ball's radius. Less than half the ball when
 * h &lt; a, more when h &gt; a: then it is a ball with a flat underside.
 */
public record Cap(Length diameter, Length height) implements Turned {
    private static final double EXACT_MM = 1e-12;
    private static final int MOST_TRIES = 200;

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
    public List<Double> dimensions() {
        return List.of(diameter.mm(), height.mm());
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
        return InnerBall.of(h(), 0, h() / 2);
    }

    @Override
    public Support support() {
        double p = ballRadius();
        return (across, front, up) -> {
            double level = Math.sqrt(across * across + front * front);
            double length = Math.sqrt(level * level + up * up);
            boolean onBall = h() - p + p * up / length >= 0;
            return onBall ? p * length + (h() - p) * up : a() * level;
        };
    }

    @Override
    public Length centroidHeight() {
        double p = ballRadius();
        double fromCentre = 3 * (2 * p - h()) * (2 * p - h()) / (4 * (3 * p - h()));
        return new Length(fromCentre - (p - h()));
    }

    @Override
    public List<Outline.Point> profile() {
        double p = ballRadius();
        List<Outline.Point> points = new ArrayList<>(Walls.points(0, 0));
        double from = Math.asin((p - h()) / p);
        if (from < 0) {
            points.addAll(Curves.arc(h() - p, p, p, from, 0));
        }
        points.addAll(Curves.arc(h() - p, p, p, Math.max(from, 0), Math.PI / 2));
        return points;
    }

    @Override
    public Optional<Inset> inset(Length wall, Floor floor) {
        return insetOf(ballRadius(), h(), wall, floor);
    }

    /** Inset of a cap of height h cut from a ball: its radius less s, its height less 2s, or less s with an open base. */
    static Optional<Inset> insetOf(double ball, double h, Length wall, Floor floor) {
        double s = wall.mm();
        double inner = ball - s;
        double left = h - Walls.floors(floor) * s;
        if (inner <= 0 || left <= 0) {
            return Optional.empty();
        }
        double below = inner - left;
        double base = Math.sqrt(inner * inner - below * below);
        Cap core = new Cap(new Length(2 * base), new Length(left));
        InnerBall thickest = floor == Floor.OPEN ? InnerBall.of(s, 0, h - s / 2) : thickestInWall(ball, h, s);
        return Optional.of(Inset.even(core, Walls.raised(wall, floor), wall, thickest));
    }

    /**
     * Largest ball in the wall of a cap: at the rim it touches the base, the outer sphere and the inset's edge. Its
     * centre lies r above the base, at ball − r from the sphere's centre and r from the edge, found by Brent's method.
     */
    private static InnerBall thickestInWall(double ball, double h, double s) {
        double centre = h - ball;
        double inner = ball - s;
        double edgeAcross = Math.sqrt(Math.max(0, inner * inner - (s - centre) * (s - centre)));
        UnivariateFunction room = r -> Math.hypot(rimAcross(ball, centre, r) - edgeAcross, s - r) - r;
        double r = room.value(s) >= 0 ? s : new BrentSolver(EXACT_MM).solve(MOST_TRIES, room, s / 2, s);
        return InnerBall.of(2 * r, rimAcross(ball, centre, r), r);
    }

    /** How far across a ball of radius r lies that touches the base and the sphere. */
    private static double rimAcross(double ball, double centre, double r) {
        return Math.sqrt(Math.max(0, (ball - r) * (ball - r) - (r - centre) * (r - centre)));
    }
}
