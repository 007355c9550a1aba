package fairember.core.shape;

import fairember.core.measure.Area;
import fairember.core.measure.Length;
import fairember.core.measure.Volume;
import java.util.List;
import java.util.Optional;

/** A block with square corners: width a across, depth b front to back, height c. */
public record Block(Length width, Length depth, Length height) implements Solid {
    @Override
    public ShapeKind kind() {
        return ShapeKind.BLOCK;
    }

    @Override
    public List<Length> dimensions() {
        return List.of(width, depth, height);
    }

    @Override
    public Volume volume() {
        return new Volume(width.mm() * depth.mm() * height.mm());
    }

    @Override
    public Area surface() {
        double a = width.mm();
        double b = depth.mm();
        double c = height.mm();
        return new Area(2 * (a * b + b * c + c * a));
    }

    @Override
    public InnerBall thickest() {
        return new InnerBall(box().shortest(), 0, height.mm() / 2);
    }

    @Override
    public Box box() {
        return new Box(width, depth, height);
    }

    @Override
    public Length centroidHeight() {
        return height.times(0.5);
    }

    @Override
    public Optional<Solid> inset(Length wall) {
        double both = 2 * wall.mm();
        return Walls.less(width, both)
                .flatMap(a -> Walls.less(depth, both)
                        .flatMap(b -> Walls.less(height, both).map(c -> new Block(a, b, c))));
    }

    @Override
    public InnerBall thickestInWall(Length wall) {
        double t = Walls.atCorner(wall);
        return InnerBall.of(t, (width.mm() - t) / 2, height.mm() - t / 2);
    }

    @Override
    public List<Outline> section() {
        return List.of(Outline.rectangle(-width.mm() / 2, 0, width.mm() / 2, height.mm()));
    }
}
