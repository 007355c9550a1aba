package fairember.core.shape;

import fairember.core.quantity.Area;
import fairember.core.quantity.Length;
import fairember.core.quantity.Volume;
import java.util.List;
import java.util.Optional;

/** A block with square corners: width a across, depth b front to back, height c. */
public record Block(Length width, Length depth, Length height) implements Solid {
    private double a() {
        return width.mm();
    }

    private double b() {
        return depth.mm();
    }

    private double c() {
        return height.mm();
    }

    @Override
    public ShapeKind kind() {
        return ShapeKind.BLOCK;
    }

    @Override
    public List<Double> dimensions() {
        return List.of(width.mm(), depth.mm(), height.mm());
    }

    @Override
    public Volume volume() {
        return new Volume(a() * b() * c());
    }

    @Override
    public Area surface() {
        return new Area(2 * (a() * b() + b() * c() + c() * a()));
    }

    @Override
    public InnerBall thickest() {
        return new InnerBall(box().shortest(), new Point3(0, 0, c() / 2));
    }

    @Override
    public Length centroidHeight() {
        return new Length(c() / 2);
    }

    @Override
    public Box box() {
        return new Box(width, depth, height);
    }

    @Override
    public Optional<Inset> inset(Length wall, Floor floor) {
        double s = wall.mm();
        double t = Walls.atCorner(wall);
        InnerBall thickest = new InnerBall(new Length(t), new Point3((a() - t) / 2, (b() - t) / 2, c() - t / 2));
        return Walls.less(width, 2 * s)
                .flatMap(a -> Walls.less(depth, 2 * s)
                        .flatMap(
                                b -> Walls.less(height, Walls.floors(floor) * s).map(c -> new Block(a, b, c))))
                .map(core -> Inset.even(core, Walls.raised(wall, floor), wall, thickest));
    }

    @Override
    public List<Outline> section() {
        return List.of(Outline.rectangle(-a() / 2, 0, a() / 2, c()));
    }

    @Override
    public List<Outline> side() {
        return List.of(Outline.rectangle(-b() / 2, 0, b() / 2, c()));
    }

    @Override
    public List<Outline> plan() {
        return List.of(Outline.rectangle(-a() / 2, -b() / 2, a() / 2, b() / 2));
    }

    @Override
    public List<Outline> level(double upMm) {
        return upMm < 0 || upMm > c() ? List.of() : plan();
    }

    @Override
    public List<Point3> hull(int turns) {
        return Curves.stacked(plan(), 0, c());
    }
}
