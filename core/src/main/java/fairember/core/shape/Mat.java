package fairember.core.shape;

import fairember.core.quantity.Length;
import java.util.ArrayList;
import java.util.List;

/** A cord wound flat from the middle outward: cord d, N turns, pitch from turn to turn; r = b·θ with b = pitch/2π. */
public record Mat(Length cord, double turns, Length pitch) implements Strand {
    /**
     * A mat whose turns do not lie in each other.
     *
     * @throws fairember.core.input.InvalidInputException when the pitch is less than the cord
     */
    public Mat {
        Walls.atLeast("pitchMm", pitch, cord, "the cord");
    }

    private double d() {
        return cord.mm();
    }

    private double reach() {
        return turns * pitch.mm();
    }

    @Override
    public ShapeKind kind() {
        return ShapeKind.SPIRAL;
    }

    @Override
    public List<Double> dimensions() {
        return List.of(cord.mm(), turns, pitch.mm());
    }

    /** From the primitive (r·√(r² + b²) + b²·asinh(r/b))/2b, r = N·pitch. */
    @Override
    public Length centreLine() {
        double b = pitch.mm() / (2 * Math.PI);
        double r = reach();
        double asinh = Math.log(r / b + Math.sqrt(r * r / (b * b) + 1));
        return new Length((r * Math.hypot(r, b) + b * b * asinh) / (2 * b));
    }

    /** b, mm. */
    double growth() {
        return pitch.mm() / (2 * Math.PI);
    }

    @Override
    public InnerBall thickest() {
        return new InnerBall(cord, new Point3(-middle().acrossMm(), middle().upMm(), d() / 2));
    }

    private List<Outline.Point> line() {
        List<Outline.Point> line = new ArrayList<>();
        int steps = (int) Math.ceil(turns * 72);
        for (int i = 0; i <= steps; i++) {
            double angle = 2 * Math.PI * turns * i / steps;
            line.add(new Outline.Point(growth() * angle * Math.cos(angle), growth() * angle * Math.sin(angle)));
        }
        return line;
    }

    /** Middle of the box around the wound line, from where it begins. */
    private Outline.Point middle() {
        double[] x = line().stream().mapToDouble(Outline.Point::acrossMm).toArray();
        double[] y = line().stream().mapToDouble(Outline.Point::upMm).toArray();
        return new Outline.Point((Walls.least(x) + Walls.most(x)) / 2, (Walls.least(y) + Walls.most(y)) / 2);
    }

    @Override
    public Box box() {
        double[] x = line().stream().mapToDouble(Outline.Point::acrossMm).toArray();
        double[] y = line().stream().mapToDouble(Outline.Point::upMm).toArray();
        return Box.mm(Walls.most(x) - Walls.least(x) + d(), Walls.most(y) - Walls.least(y) + d(), d());
    }

    @Override
    public Length centroidHeight() {
        return cord.times(0.5);
    }

    /** The middle of the wound line, by a sum over its steps. */
    @Override
    public Point3 centroid() {
        List<Outline.Point> line = line();
        double length = 0;
        double across = 0;
        double up = 0;
        for (int i = 0; i + 1 < line.size(); i++) {
            Outline.Point a = line.get(i);
            Outline.Point b = line.get(i + 1);
            double step = Math.hypot(b.acrossMm() - a.acrossMm(), b.upMm() - a.upMm());
            length += step;
            across += step * (a.acrossMm() + b.acrossMm()) / 2;
            up += step * (a.upMm() + b.upMm()) / 2;
        }
        return new Point3(across / length - middle().acrossMm(), middle().upMm() - up / length, d() / 2);
    }

    @Override
    public List<Outline> section() {
        List<Outline> cuts = new ArrayList<>();
        Outline round = Curves.ellipse(d() / 2, d() / 2, d() / 2);
        for (int half = 0; half <= Math.floor(2 * turns); half++) {
            double across = (half % 2 == 0 ? 1 : -1) * half * pitch.mm() / 2;
            cuts.add(round.moved(across - middle().acrossMm(), 0));
        }
        return cuts;
    }

    @Override
    public List<Outline> front() {
        double half = box().width().mm() / 2;
        return List.of(Outline.rectangle(-half, 0, half, d()));
    }

    @Override
    public List<Outline> side() {
        double half = box().depth().mm() / 2;
        return List.of(Outline.rectangle(-half, 0, half, d()));
    }

    @Override
    public List<Outline> plan() {
        return List.of(Curves.ribbon(line(), d()).moved(-middle().acrossMm(), -middle().upMm()));
    }

    @Override
    public List<Outline> level(double upMm) {
        return upMm < 0 || upMm > d() ? List.of() : plan();
    }

    @Override
    public List<Point3> hull(int turns) {
        return Curves.stacked(plan(), 0, d());
    }
}
