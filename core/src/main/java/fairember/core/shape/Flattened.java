package fairember.core.shape;

import fairember.core.input.Figures;
import fairember.core.input.InvalidInputException;
import fairember.core.quantity.Area;
import fairember.core.quantity.Length;
import fairember.core.quantity.Volume;
import java.util.ArrayList;
import java.util.List;

/**
 * A ball or an egg whose blunt end is pressed flat by p, standing on the foot that gives. Its dimensions are those of the
 * finished form: the clay that was below the foot is not in it.
 *
 * <pre>
 * foot radius f = r·√(2qp − p²)/q     V = ⅔πr²L − πr²p²(3q − p)/(3q²) (a spheroid is a ball with its axes stretched)
 * side of the zone between two heights: 2πr∫√(1 + kz²)dz, k = (r² − q²)/q⁴
 * </pre>
 *
 * @param kind flattened ball or flattened egg
 * @param whole as it was before
 * @param pressed how far up from the blunt end the foot is
 */
public record Flattened(ShapeKind kind, Egg whole, Length pressed) implements Turned {
    /**
     * A form that is still widest above its foot.
     *
     * @throws InvalidInputException when it is pressed to its widest point or beyond
     */
    public Flattened {
        if (pressed.mm() >= whole.widestAt().mm()) {
            throw new InvalidInputException(
                    "pressedMm",
                    Figures.show(pressed.mm(), "mm"),
                    "less than the height of its widest point, "
                            + Figures.show(whole.widestAt().mm(), "mm"),
                    "Press the shape less, or choose a dome.");
        }
    }

    static Flattened ball(Length diameter, Length pressed) {
        return new Flattened(ShapeKind.FLAT_BALL, new Egg(diameter, diameter, diameter.times(0.5)), pressed);
    }

    private double r() {
        return whole.diameter().mm() / 2;
    }

    private double q() {
        return whole.widestAt().mm();
    }

    private double p() {
        return pressed.mm();
    }

    private double pointed() {
        return whole.length().mm() - q();
    }

    /** The diameter of the foot. */
    public Length foot() {
        return new Length(2 * r() * Math.sqrt(2 * q() * p() - p() * p()) / q());
    }

    @Override
    public List<Double> dimensions() {
        return kind == ShapeKind.FLAT_BALL
                ? List.of(whole.diameter().mm(), p())
                : List.of(whole.diameter().mm(), whole.length().mm(), q(), p());
    }

    @Override
    public Volume volume() {
        return new Volume(whole.volume().mm3() - away());
    }

    private double away() {
        return Math.PI * r() * r() * p() * p() * (3 * q() - p()) / (3 * q() * q());
    }

    /** The side of what is pressed away, mm². */
    double sideAway() {
        return zone(q()) - zone(q() - p());
    }

    /** Side of the blunt half between the equator and a level z below it. */
    private double zone(double z) {
        double k = (r() * r() - q() * q()) / Math.pow(q(), 4);
        double x = Math.sqrt(Math.abs(k)) * z;
        if (x < 1e-5) {
            return 2 * Math.PI * r() * z;
        }
        double angle = k > 0 ? Math.log(x + Math.sqrt(x * x + 1)) : Math.asin(Math.min(1, x));
        return Math.PI * r() * (z * Math.sqrt(Math.max(0, 1 + k * z * z)) + angle * z / x);
    }

    @Override
    public Area surface() {
        double f = foot().mm() / 2;
        return new Area(whole.surface().mm2() - sideAway() + Math.PI * f * f);
    }

    /** A cap's centre lies 3(2q − p)²/4(3q − p) from the middle of its spheroid, stretched or not. */
    @Override
    public Length centroidHeight() {
        double cap = q() - 3 * Math.pow(2 * q() - p(), 2) / (4 * (3 * q() - p()));
        double moment = whole.volume().mm3() * whole.centroidHeight().mm() - away() * cap;
        return new Length(moment / volume().mm3() - p());
    }

    /** That of the whole when it does not reach below the foot; else the one on the foot that meets the side, by bisection. */
    @Override
    public InnerBall thickest() {
        InnerBall all = whole.thickest();
        double middle = all.middle().upMm() - p();
        if (middle >= all.diameter().mm() / 2) {
            return InnerBall.of(all.diameter().mm(), 0, middle);
        }
        double low = 0;
        double high = whole.length().mm() - p();
        for (int i = 0; i < 60; i++) {
            double z = (low + high) / 2;
            if (z < toSide(z + p())) {
                low = z;
            } else {
                high = z;
            }
        }
        return InnerBall.of(2 * low, 0, low);
    }

    /** From a point of the axis to the side of the whole egg. */
    private double toSide(double up) {
        double beyond = up - q();
        return Math.min(toHalf(pointed(), beyond), toHalf(q(), -beyond));
    }

    /** From a point of the axis, a height above the equator, to the half spheroid of height b above it. */
    private double toHalf(double b, double u) {
        double least = Math.min(Math.hypot(r(), u), Math.abs(b - u));
        double square = b * b - r() * r();
        double meets = square > 0 ? u * b * b / square : -1;
        return meets > 0 && meets < b ? Math.min(least, r() * Math.sqrt(Math.max(0, 1 - u * u / square))) : least;
    }

    @Override
    public List<Outline.Point> profile() {
        List<Outline.Point> points = new ArrayList<>(List.of(new Outline.Point(0, 0)));
        points.addAll(Curves.arc(q() - p(), r(), q(), Math.asin((p() - q()) / q()), 0));
        List<Outline.Point> upper = Curves.arc(q() - p(), r(), pointed(), 0, Math.PI / 2);
        points.addAll(upper.subList(1, upper.size()));
        return points;
    }
}
