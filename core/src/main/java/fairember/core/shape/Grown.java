package fairember.core.shape;

import fairember.core.input.InvalidInputException;
import fairember.core.quantity.Length;

/**
 * A solid with a layer all over it, drawn with sharp edges: each of its faces moved out by the layer's thickness t. Its base is t
 * lower than that of the solid inside.
 *
 * <pre>
 * ball, egg, rod, capsule, block, disc   every dimension + 2t
 * cone of base r, height h, slant S      height h + t + t·S/r; the same slope
 * cut cone                               sides out by t·S/h, height h + 2t; the same slope
 * teardrop                               ball r + t, tip at D·(r + t)/r past its middle
 * form by front and side                 both outlines moved out by t
 * dome                                   ball r + t cut t below its middle: a pressed ball, as flat balls are
 * </pre>
 */
public final class Grown {
    private Grown() {}

    /**
     * The outside of a layer.
     *
     * @param thick t, at least 0
     * @throws InvalidInputException on "over" when the solid is hollow or bent inwards
     */
    public static Solid of(Solid solid, Length thick) {
        double t = thick.mm();
        if (solid instanceof Ball ball) {
            return new Ball(more(ball.diameter(), 2 * t));
        }
        if (solid instanceof Ellipsoid one) {
            return new Ellipsoid(more(one.width(), 2 * t), more(one.depth(), 2 * t), more(one.height(), 2 * t));
        }
        if (solid instanceof Egg egg) {
            return egg(egg, t);
        }
        if (solid instanceof Rod rod) {
            return new Rod(more(rod.diameter(), 2 * t), more(rod.length(), 2 * t));
        }
        if (solid instanceof Capsule one) {
            return new Capsule(more(one.diameter(), 2 * t), more(one.length(), 2 * t));
        }
        if (solid instanceof Block block) {
            return new Block(more(block.width(), 2 * t), more(block.depth(), 2 * t), more(block.height(), 2 * t));
        }
        if (solid instanceof FrontAndSide form) {
            return form.grown(t);
        }
        if (solid instanceof Disc disc) {
            return new Disc(more(disc.diameter(), 2 * t), more(disc.thickness(), 2 * t));
        }
        if (solid instanceof Dome dome) {
            // A ball of r + t, of which all that lies more than t under its middle is cut off.
            double r = dome.diameter().mm() / 2;
            return Flattened.ball(new Length(2 * (r + t)), new Length(r));
        }
        if (solid instanceof Cap cap) {
            return cap(cap, t);
        }
        if (solid instanceof Flattened flat) {
            return new Flattened(flat.kind(), egg(flat.whole(), t), flat.pressed());
        }
        if (solid instanceof Cone cone) {
            double r = cone.diameter().mm() / 2;
            double h = cone.height().mm();
            double high = h + t + t * Math.hypot(r, h) / r;
            return new Cone(new Length(2 * r * high / h), new Length(high));
        }
        if (solid instanceof Frustum cut) {
            double bottom = cut.bottom().mm() / 2;
            double top = cut.top().mm() / 2;
            double h = cut.height().mm();
            double out = t * Math.hypot(bottom - top, h) / h;
            double slope = (bottom - top) / h;
            return new Frustum(
                    new Length(2 * (bottom + out + slope * t)),
                    new Length(2 * Math.max(0, top + out - slope * t)),
                    new Length(h + 2 * t));
        }
        if (solid instanceof Teardrop drop) {
            double r = drop.diameter().mm() / 2;
            double far = drop.length().mm() - r;
            return new Teardrop(new Length(2 * (r + t)), new Length(r + t + far * (r + t) / r));
        }
        throw new InvalidInputException(
                "over",
                solid.kind().label(),
                "a part without hollows: a ball, egg, rod, cone, block, dome, disc or a form by front and side",
                "Choose another part, or give the part another shape.");
    }

    private static Length more(Length length, double by) {
        return new Length(length.mm() + by);
    }

    private static Egg egg(Egg egg, double t) {
        return new Egg(more(egg.diameter(), 2 * t), more(egg.length(), 2 * t), more(egg.widestAt(), t));
    }

    /** A cap of a ball of radius ρ: the ball ρ + t, cut t lower; where that is under its middle, a pressed ball. */
    private static Solid cap(Cap cap, double t) {
        double a = cap.diameter().mm() / 2;
        double h = cap.height().mm();
        double ball = (a * a + h * h) / (2 * h);
        double base = ball - h - t;
        return base < 0
                ? Flattened.ball(new Length(2 * (ball + t)), new Length(2 * ball - h))
                : new Cap(new Length(2 * Math.sqrt((ball + t) * (ball + t) - base * base)), new Length(h + 2 * t));
    }
}
