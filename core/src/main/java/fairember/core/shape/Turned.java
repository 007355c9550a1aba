package fairember.core.shape;

import java.util.List;

/** A solid of revolution about the upright axis. */
public sealed interface Turned extends Solid
        permits Ball, Egg, Flattened, Rod, Capsule, Cone, Frustum, Teardrop, Dome, Cap, Disc {
    /** The right half of the section, from the axis at the base to the axis at the top; across is the radius. */
    List<Outline.Point> profile();

    @Override
    default Box box() {
        List<Outline.Point> profile = profile();
        double across = 2 * Curves.widest(profile);
        return Box.mm(across, across, Curves.last(profile).upMm());
    }

    @Override
    default List<Outline> section() {
        return List.of(Curves.mirrored(profile()));
    }

    @Override
    default List<Outline> plan() {
        return List.of(Curves.circle(Curves.widest(profile())));
    }

    @Override
    default List<Outline> level(double upMm) {
        double radius = Curves.radiusAt(profile(), upMm);
        return radius > 0 ? List.of(Curves.circle(radius)) : List.of();
    }

    @Override
    default Support support() {
        return Support.turned(profile());
    }

    @Override
    default List<Point3> hull(int turns) {
        return Curves.turned(profile(), turns);
    }
}
