package fairember.core.balance;

import fairember.core.design.Part;
import fairember.core.design.Placement;
import fairember.core.shape.Point3;
import fairember.core.shape.Posed;
import fairember.core.shape.Support;
import java.util.ArrayList;
import java.util.List;

/** One copy of a part where it stands: how far it reaches, and its level sections seen from above. */
final class Stand {
    /** The middle of the search for a section's edge is a direction to the side; its ends are nearly straight up and down. */
    private static final double STEEPEST = Math.PI / 2 - 1e-6;

    private static final double GOLDEN = (Math.sqrt(5) - 1) / 2;

    private final Support own;
    private final Point3 base;
    private final Point3 across;
    private final Point3 front;
    private final Point3 up;

    private Stand(Support own, Posed posed, Placement.Spot spot) {
        this.own = own;
        this.base = spot.of(posed.turned(new Point3(0, 0, 0)));
        this.across = from(base, spot.of(posed.turned(new Point3(1, 0, 0))));
        this.front = from(base, spot.of(posed.turned(new Point3(0, 1, 0))));
        this.up = from(base, spot.of(posed.turned(new Point3(0, 0, 1))));
    }

    /** The copies of a part; none of a layer that ends above its foot. */
    static List<Stand> of(Part part) {
        List<Stand> stands = new ArrayList<>();
        if (part.reach()[0] > 0) {
            return stands;
        }
        Posed posed = part.posed();
        Support own = posed.solid().support();
        for (Placement.Spot spot : part.placement().spots(part.count())) {
            stands.add(new Stand(own, posed, spot));
        }
        return stands;
    }

    private static Point3 from(Point3 a, Point3 b) {
        return new Point3(b.acrossMm() - a.acrossMm(), b.frontMm() - a.frontMm(), b.upMm() - a.upMm());
    }

    /** How far it reaches in a direction: h(Aᵀu) + b·u for what is turned by A and moved by b. */
    private double reach(double a, double f, double u) {
        return own.in(dot(across, a, f, u), dot(front, a, f, u), dot(up, a, f, u)) + dot(base, a, f, u);
    }

    private static double dot(Point3 p, double a, double f, double u) {
        return p.acrossMm() * a + p.frontMm() * f + p.upMm() * u;
    }

    double lowestMm() {
        return -reach(0, 0, -1);
    }

    /**
     * How far its level section at a height reaches to one side:
     *
     * <pre>s(φ) = min over β of (h(cos β·(cos φ, sin φ), −sin β) + z·sin β)/cos β</pre>
     *
     * by the duality of linear programs; the minimum is found by golden section, because it is the only one.
     *
     * @param angle φ, radians from the right towards the front
     * @param levelMm z, within the body
     */
    double section(double angle, double levelMm) {
        double a = Math.cos(angle);
        double f = Math.sin(angle);
        double low = -STEEPEST;
        double high = STEEPEST;
        double left = high - GOLDEN * (high - low);
        double right = low + GOLDEN * (high - low);
        double atLeft = slanted(a, f, left, levelMm);
        double atRight = slanted(a, f, right, levelMm);
        while (high - low > 1e-7) {
            if (atLeft <= atRight) {
                high = right;
                right = left;
                atRight = atLeft;
                left = high - GOLDEN * (high - low);
                atLeft = slanted(a, f, left, levelMm);
            } else {
                low = left;
                left = right;
                atLeft = atRight;
                right = low + GOLDEN * (high - low);
                atRight = slanted(a, f, right, levelMm);
            }
        }
        return Math.min(atLeft, atRight);
    }

    private double slanted(double a, double f, double slant, double levelMm) {
        double cos = Math.cos(slant);
        double sin = Math.sin(slant);
        return (reach(cos * a, cos * f, -sin) + levelMm * sin) / cos;
    }
}
