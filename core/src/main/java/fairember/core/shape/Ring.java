package fairember.core.shape;

import fairember.core.input.Figures;
import fairember.core.input.InvalidInputException;
import fairember.core.quantity.Area;
import fairember.core.quantity.Length;
import fairember.core.quantity.Volume;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A ring lying flat: outer diameter, tube diameter 2r; R = outer/2 − r is the radius of the tube's centre line. */
public record Ring(Length outer, Length tube) implements Solid {
    /**
     * A ring whose tube leaves its middle open or just closed.
     *
     * @throws InvalidInputException when the tube is over half the outer diameter
     */
    public Ring {
        if (tube.mm() > outer.mm() / 2 * (1 + 1e-9)) {
            throw new InvalidInputException(
                    "tubeMm",
                    Figures.show(tube.mm(), "mm"),
                    "up to half the outer diameter, " + Figures.show(outer.mm() / 2, "mm"),
                    "Make the tube thinner or the ring larger.");
        }
    }

    private double r() {
        return tube.mm() / 2;
    }

    private double centre() {
        return outer.mm() / 2 - r();
    }

    @Override
    public ShapeKind kind() {
        return ShapeKind.RING;
    }

    @Override
    public List<Double> dimensions() {
        return List.of(outer.mm(), tube.mm());
    }

    @Override
    public Volume volume() {
        return new Volume(2 * Math.PI * Math.PI * centre() * r() * r());
    }

    @Override
    public Area surface() {
        return new Area(4 * Math.PI * Math.PI * centre() * r());
    }

    @Override
    public InnerBall thickest() {
        return InnerBall.of(2 * r(), centre(), r());
    }

    @Override
    public Support support() {
        Support tube = Support.ball(r(), r());
        return (across, front, up) ->
                centre() * Math.sqrt(across * across + front * front) + tube.in(across, front, up);
    }

    @Override
    public Length centroidHeight() {
        return new Length(r());
    }

    @Override
    public Box box() {
        return new Box(outer, outer, tube);
    }

    /** The same ring with a thinner tube. */
    @Override
    public Optional<Inset> inset(Length wall, Floor floor) {
        double both = 2 * wall.mm();
        InnerBall thickest = InnerBall.of(wall.mm(), outer.mm() / 2 - wall.mm() / 2, r());
        return Walls.less(tube, both)
                .map(d -> Inset.even(new Ring(new Length(outer.mm() - both), d), wall.mm(), wall, thickest));
    }

    @Override
    public List<Outline> section() {
        Outline tubeOutline = Curves.ellipse(r(), r(), r());
        return List.of(tubeOutline.moved(-centre(), 0), tubeOutline.moved(centre(), 0));
    }

    @Override
    public List<Outline> front() {
        List<Outline.Point> points = new ArrayList<>();
        Curves.arc(r(), r(), r(), -Math.PI / 2, Math.PI / 2)
                .forEach(p -> points.add(new Outline.Point(p.acrossMm() + centre(), p.upMm())));
        Curves.arc(r(), r(), r(), Math.PI / 2, 3 * Math.PI / 2)
                .forEach(p -> points.add(new Outline.Point(p.acrossMm() - centre(), p.upMm())));
        return List.of(new Outline(points));
    }

    @Override
    public List<Outline> plan() {
        return level(r());
    }

    @Override
    public List<Outline> level(double upMm) {
        double half = Math.sqrt(Math.max(0, r() * r() - (upMm - r()) * (upMm - r())));
        return half == 0 ? List.of() : Curves.annulus(centre() - half, centre() + half);
    }

    @Override
    public List<Point3> hull(int turns) {
        List<Outline.Point> profile = new ArrayList<>();
        Curves.arc(r(), r(), r(), -Math.PI / 2, Math.PI / 2)
                .forEach(p -> profile.add(new Outline.Point(p.acrossMm() + centre(), p.upMm())));
        return Curves.turned(profile, turns);
    }
}
