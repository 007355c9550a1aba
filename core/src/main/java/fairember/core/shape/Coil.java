package fairember.core.shape;

import fairember.core.quantity.Length;
import java.util.ArrayList;
import java.util.List;

/** A cord wound up to a standing helix: cord d, diameter of the winding's centre line D, N turns, pitch. */
public record Coil(Length cord, Length winding, double turns, Length pitch) implements Strand {
    private static final int STEPS = 48;

    /**
     * A helix whose turns do not lie in each other.
     *
     * @throws InvalidInputException when the pitch or the winding is less than the cord
     */
    public Coil {
        Walls.atLeast("pitchMm", pitch, cord, "the cord");
        Walls.atLeast("windingMm", winding, cord, "the cord");
    }

    private double d() {
        return cord.mm();
    }

    private double tall() {
        return turns * pitch.mm() + d();
    }

    @Override
    public ShapeKind kind() {
        return ShapeKind.COIL;
    }

    @Override
    public List<Double> dimensions() {
        return List.of(cord.mm(), winding.mm(), turns, pitch.mm());
    }

    /** N·√((πD)² + pitch²). */
    @Override
    public Length centreLine() {
        return new Length(turns * Math.hypot(Math.PI * winding.mm(), pitch.mm()));
    }

    @Override
    public InnerBall thickest() {
        return new InnerBall(cord, new Point3(winding.mm() / 2 - middleAcross(), -middleFront(), d() / 2));
    }

    /**
     * How far it reaches: least and most across, least and most to the front, mm. At an angle θ the cord's round section
     * reaches d/2·|cos θ| aside of r·cos θ; the extremes lie at quarter turns and at the end.
     */
    private double[] reach() {
        double r = winding.mm() / 2;
        double end = 2 * Math.PI * Math.min(1, turns);
        double[] reach = {Double.MAX_VALUE, -Double.MAX_VALUE, Double.MAX_VALUE, -Double.MAX_VALUE};
        for (int quarter = 0; quarter <= 4; quarter++) {
            double angle = Math.min(quarter * Math.PI / 2, end);
            widen(reach, 0, r * Math.cos(angle), d() / 2 * Math.abs(Math.cos(angle)));
            widen(reach, 2, -r * Math.sin(angle), d() / 2 * Math.abs(Math.sin(angle)));
        }
        return reach;
    }

    private static void widen(double[] reach, int at, double middle, double half) {
        reach[at] = Math.min(reach[at], middle - half);
        reach[at + 1] = Math.max(reach[at + 1], middle + half);
    }

    /** Right of the axis, the middle of the box; 0 for whole turns. */
    private double middleAcross() {
        return (reach()[0] + reach()[1]) / 2;
    }

    private double middleFront() {
        return (reach()[2] + reach()[3]) / 2;
    }

    @Override
    public Box box() {
        double[] reach = reach();
        return Box.mm(reach[1] - reach[0], reach[3] - reach[2], tall());
    }

    @Override
    public Length centroidHeight() {
        return new Length(tall() / 2);
    }

    /** On the axis for whole turns; a part of a turn pulls it aside. */
    @Override
    public Point3 centroid() {
        double angle = 2 * Math.PI * turns;
        double r = winding.mm() / 2;
        return new Point3(
                r * Math.sin(angle) / angle - middleAcross(),
                -r * (1 - Math.cos(angle)) / angle - middleFront(),
                tall() / 2);
    }

    @Override
    public List<Outline> section() {
        List<Outline> cuts = new ArrayList<>();
        Outline round = Curves.ellipse(d() / 2, d() / 2, d() / 2);
        for (int half = 0; half <= Math.floor(2 * turns); half++) {
            double side = half % 2 == 0 ? 1 : -1;
            cuts.add(round.moved(side * winding.mm() / 2 - middleAcross(), half * pitch.mm() / 2));
        }
        return cuts;
    }

    @Override
    public List<Outline> front() {
        Outline lying = Curves.strand(tall() - d(), d(), winding.mm() / 2, turns);
        return List.of(lying.upright().moved(-middleAcross(), d() / 2));
    }

    @Override
    public List<Outline> plan() {
        if (turns >= 1) {
            return Curves.annulus((winding.mm() - d()) / 2, (winding.mm() + d()) / 2);
        }
        List<Outline.Point> line = new ArrayList<>();
        for (int i = 0; i <= STEPS; i++) {
            double angle = 2 * Math.PI * turns * i / STEPS;
            line.add(new Outline.Point(winding.mm() / 2 * Math.cos(angle), winding.mm() / 2 * Math.sin(angle)));
        }
        return List.of(Curves.ribbon(line, d()).moved(-middleAcross(), middleFront()));
    }

    @Override
    public List<Outline> level(double upMm) {
        return upMm < 0 || upMm > tall() ? List.of() : plan();
    }

    @Override
    public List<Point3> hull(int meridians) {
        if (turns < 1) {
            return arc();
        }
        double outer = (winding.mm() + d()) / 2;
        return Curves.turned(
                Walls.points(winding.mm() / 2, 0, outer, d() / 2, outer, tall() - d() / 2, winding.mm() / 2, tall()),
                meridians);
    }

    /** Points around the cord along a part of a turn. */
    private List<Point3> arc() {
        List<Point3> spots = new ArrayList<>();
        for (int i = 0; i <= STEPS; i++) {
            double angle = 2 * Math.PI * turns * i / STEPS;
            double up = turns * pitch.mm() * i / STEPS + d() / 2;
            for (Outline.Point p : Curves.circle(d() / 2).points()) {
                double out = winding.mm() / 2 + p.acrossMm();
                spots.add(new Point3(
                        out * Math.cos(angle) - middleAcross(), -out * Math.sin(angle) - middleFront(), up + p.upMm()));
            }
        }
        return spots;
    }
}
