package fairember.core.shape;

import fairember.core.outline.DrawnLine;
import fairember.core.quantity.Length;
import java.util.List;

/** A cord laid flat along a drawn line. Its volume is its section times the line's length, which bends do not change. */
public record LineCord(DrawnLine line, Length diameter) implements Strand {
    /**
     * A cord along a line that can be laid.
     *
     * @throws fairember.core.input.InvalidInputException on "xy" when the line crosses itself
     */
    public LineCord {
        line.open();
    }

    private double d() {
        return diameter.mm();
    }

    private LaidLine laid() {
        return new LaidLine(line, diameter);
    }

    @Override
    public ShapeKind kind() {
        return ShapeKind.LINE_CORD;
    }

    @Override
    public List<Double> dimensions() {
        return List.of(d());
    }

    @Override
    public List<DrawnLine> lines() {
        return List.of(line);
    }

    @Override
    public Length cord() {
        return diameter;
    }

    @Override
    public Length centreLine() {
        return new Length(line.open().getLength());
    }

    @Override
    public InnerBall thickest() {
        return new InnerBall(new Length(Math.min(d(), centreLine().mm())), laid().onIt(d() / 2));
    }

    @Override
    public Box box() {
        LaidLine laid = laid();
        return Box.mm(laid.wide(), laid.deep(), d());
    }

    @Override
    public Length centroidHeight() {
        return diameter.times(0.5);
    }

    @Override
    public Point3 centroid() {
        return laid().centroid(d() / 2);
    }

    @Override
    public List<Outline> section() {
        List<Outline> cuts = laid().cut().stream()
                .map(cut ->
                        Curves.ellipse((cut[1] - cut[0]) / 2, d() / 2, d() / 2).moved((cut[0] + cut[1]) / 2, 0))
                .toList();
        return cuts.isEmpty() ? front() : cuts;
    }

    @Override
    public List<Outline> front() {
        return LaidLine.edgeOn(laid().wide(), d());
    }

    @Override
    public List<Outline> side() {
        return LaidLine.edgeOn(laid().deep(), d());
    }

    @Override
    public List<Outline> plan() {
        return laid().plan();
    }

    /** As wide as the cord is at that height. */
    @Override
    public List<Outline> level(double upMm) {
        double wide = 2 * Math.sqrt(Math.max(0, d() * d() / 4 - (upMm - d() / 2) * (upMm - d() / 2)));
        return wide < d() / 100 ? List.of() : new LaidLine(line, new Length(wide), diameter).plan();
    }

    @Override
    public List<Point3> hull(int turns) {
        return Curves.stacked(plan(), 0, d());
    }
}
