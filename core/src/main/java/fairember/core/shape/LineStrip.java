package fairember.core.shape;

import fairember.core.outline.DrawnLine;
import fairember.core.quantity.Area;
import fairember.core.quantity.Length;
import fairember.core.quantity.Volume;
import java.util.List;
import java.util.Objects;

/** A strip of sheet laid flat along a drawn line, half its width at either side. Bends do not change the clay in it. Immutable. */
public final class LineStrip implements Solid {
    private final DrawnLine line;
    private final Length width;
    private final Length thickness;
    private final LaidLine laid;

    /**
     * A strip along a line that can be laid.
     *
     * @throws fairember.core.input.InvalidInputException on "xy" when the line crosses itself
     */
    public LineStrip(DrawnLine line, Length width, Length thickness) {
        this.line = line;
        this.width = width;
        this.thickness = thickness;
        this.laid = new LaidLine(line, width);
    }

    private double t() {
        return thickness.mm();
    }

    public Length width() {
        return width;
    }

    public Length thickness() {
        return thickness;
    }

    /** Length of the strip to cut. */
    public Length length() {
        return laid.length();
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof LineStrip that
                && lines().equals(that.lines())
                && dimensions().equals(that.dimensions());
    }

    @Override
    public int hashCode() {
        return Objects.hash(line, width, thickness);
    }

    @Override
    public String toString() {
        return "LineStrip[" + length() + ", " + width + ", " + thickness + "]";
    }

    @Override
    public ShapeKind kind() {
        return ShapeKind.LINE_STRIP;
    }

    @Override
    public List<Double> dimensions() {
        return List.of(width.mm(), t());
    }

    @Override
    public List<DrawnLine> lines() {
        return List.of(line);
    }

    @Override
    public Volume volume() {
        return new Volume(length().mm() * width.mm() * t());
    }

    @Override
    public Area surface() {
        return new Area(2 * (length().mm() * width.mm() + t() * (length().mm() + width.mm())));
    }

    @Override
    public InnerBall thickest() {
        return new InnerBall(new Length(Math.min(t(), Math.min(width.mm(), length().mm()))), laid.onIt(t() / 2));
    }

    @Override
    public Box box() {
        return Box.mm(laid.wide(), laid.deep(), t());
    }

    @Override
    public Length centroidHeight() {
        return thickness.times(0.5);
    }

    @Override
    public Point3 centroid() {
        return laid.centroid(t() / 2);
    }

    @Override
    public List<Outline> section() {
        List<Outline> cuts = laid.cut().stream()
                .map(cut -> Outline.rectangle(cut[0], 0, cut[1], t()))
                .toList();
        return cuts.isEmpty() ? front() : cuts;
    }

    @Override
    public List<Outline> front() {
        return LaidLine.edgeOn(laid.wide(), t());
    }

    @Override
    public List<Outline> side() {
        return LaidLine.edgeOn(laid.deep(), t());
    }

    @Override
    public List<Outline> plan() {
        return laid.plan();
    }

    @Override
    public List<Outline> level(double upMm) {
        return upMm < 0 || upMm > t() ? List.of() : plan();
    }

    @Override
    public List<Point3> hull(int turns) {
        return Curves.stacked(plan(), 0, t());
    }
}
