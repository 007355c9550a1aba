package fairember.core.shape;

import fairember.core.input.Figures;
import fairember.core.input.InvalidInputException;
import fairember.core.quantity.Area;
import fairember.core.quantity.Length;
import fairember.core.quantity.Volume;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** An egg standing on its blunt end: widest diameter d = 2r at height q above the base, length L, p = L − q the pointed half, p ≥ q. */
public record Egg(Length diameter, Length length, Length widestAt) implements Turned {
    /**
     * An egg whose pointed half is not the shorter.
     *
     * @throws InvalidInputException when it is widest above its middle
     */
    public Egg {
        if (widestAt.mm() > length.mm() / 2 * (1 + 1e-9)) {
            throw new InvalidInputException(
                    "widestAtMm",
                    Figures.show(widestAt.mm(), "mm"),
                    "up to half the length, " + Figures.show(length.mm() / 2, "mm"),
                    "Put the widest point at or below the middle.");
        }
    }

    private double r() {
        return diameter.mm() / 2;
    }

    private double q() {
        return widestAt.mm();
    }

    private double p() {
        return length.mm() - q();
    }

    @Override
    public ShapeKind kind() {
        return ShapeKind.EGG;
    }

    @Override
    public List<Double> dimensions() {
        return List.of(diameter.mm(), length.mm(), widestAt.mm());
    }

    @Override
    public Volume volume() {
        return new Volume(2 * Math.PI / 3 * r() * r() * length.mm());
    }

    @Override
    public Area surface() {
        return new Area(half(p()) + half(q()));
    }

    /** Half the surface of a spheroid of equator r and height h, without its flat face. */
    private double half(double h) {
        double r = r();
        if (Math.abs(h - r) < 1e-9 * r) {
            return 2 * Math.PI * r * r;
        }
        if (h > r) {
            double e = Math.sqrt(1 - r * r / (h * h));
            return Math.PI * r * r * (1 + h * Math.asin(e) / (r * e));
        }
        double e = Math.sqrt(1 - h * h / (r * r));
        double atanh = Math.log((1 + e) / (1 - e)) / 2;
        return Math.PI * r * r * (1 + (1 - e * e) * atanh / e);
    }

    /** The surface of the blunt half and of the pointed half, mm², for the workings. */
    List<Double> halves() {
        return List.of(half(q()), half(p()));
    }

    /**
     * <pre>q ≥ r: 2r at the widest; p ≤ r: p + q; else K = r²/(p² − r²),
     * z = (−q + √(q² + (1 + K)(r² − q²)))/(1 + K), T = 2(q + z); p + q if z > (p² − r²)/p</pre>
     */
    @Override
    public InnerBall thickest() {
        double t;
        if (q() >= r()) {
            return InnerBall.of(2 * r(), 0, q());
        } else if (p() <= r()) {
            t = p() + q();
        } else {
            double k = r() * r() / (p() * p() - r() * r());
            double z = (-q() + Math.sqrt(q() * q() + (1 + k) * (r() * r() - q() * q()))) / (1 + k);
            t = z > (p() * p() - r() * r()) / p() ? p() + q() : 2 * (q() + z);
        }
        return InnerBall.of(t, 0, t / 2);
    }

    @Override
    public Support support() {
        return (across, front, up) -> {
            double high = (up > 0 ? p() : q()) * up;
            return Math.sqrt(r() * r() * (across * across + front * front) + high * high) + q() * up;
        };
    }

    @Override
    public Length centroidHeight() {
        return new Length(q() + 3 * (p() - q()) / 8);
    }

    @Override
    public List<Outline.Point> profile() {
        List<Outline.Point> points = new ArrayList<>(Curves.arc(q(), r(), q(), -Math.PI / 2, 0));
        List<Outline.Point> pointed = Curves.arc(q(), r(), p(), 0, Math.PI / 2);
        points.addAll(pointed.subList(1, pointed.size()));
        return points;
    }

    /** Approximate: every semi-axis less s, so that the wall is nowhere thicker; the thinnest is worked out. */
    @Override
    public Optional<Inset> inset(Length wall, Floor floor) {
        double s = wall.mm();
        if (s >= r() || s >= q()) {
            return Optional.empty();
        }
        Egg core = new Egg(new Length(2 * (r() - s)), new Length(length.mm() - 2 * s), new Length(q() - s));
        double thinnest = Math.min(UnevenWall.thinnest(r(), q(), s), UnevenWall.thinnest(r(), p(), s));
        InnerBall thickest = InnerBall.of(s, r() - s / 2, q());
        return Optional.of(new Inset(
                List.of(new Inset.Core(core, 0, s)), new Length(thinnest), thickest, thinnest > s * (1 - 1e-6)));
    }
}
