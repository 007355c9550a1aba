package fairember.core.shape;

import fairember.core.measure.Length;
import fairember.core.measure.Refused;
import java.util.ArrayList;
import java.util.List;

/** A cord wound up to a standing helix: cord d, diameter of the winding's centre line D, N turns, pitch. */
public record Coil(Length cord, Length winding, double turns, Length pitch) implements Strand {
    /**
     * A helix whose turns do not lie in each other.
     *
     * @throws Refused when the pitch or the winding is less than the cord
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
        return InnerBall.of(d(), winding.mm() / 2, d() / 2);
    }

    @Override
    public Box box() {
        Length across = winding.plus(cord);
        return new Box(across, across, new Length(tall()));
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
        return new Point3(r * Math.sin(angle) / angle, -r * (1 - Math.cos(angle)) / angle, tall() / 2);
    }

    @Override
    public List<Outline> section() {
        List<Outline> cuts = new ArrayList<>();
        Outline round = Curves.ellipse(d() / 2, d() / 2, d() / 2);
        for (int half = 0; half <= Math.floor(2 * turns); half++) {
            double side = half % 2 == 0 ? 1 : -1;
            cuts.add(round.moved(side * winding.mm() / 2, half * pitch.mm() / 2));
        }
        return cuts;
    }

    @Override
    public List<Outline> front() {
        Outline lying = Curves.strand(tall() - d(), d(), winding.mm() / 2, turns);
        return List.of(lying.upright().moved(0, d() / 2));
    }

    @Override
    public List<Outline> plan() {
        return Curves.annulus((winding.mm() - d()) / 2, (winding.mm() + d()) / 2);
    }

    @Override
    public List<Outline> level(double upMm) {
        return upMm < 0 || upMm > tall() ? List.of() : plan();
    }

    @Override
    public List<Point3> hull(int turns) {
        double outer = (winding.mm() + d()) / 2;
        return Curves.turned(
                Walls.points(winding.mm() / 2, 0, outer, d() / 2, outer, tall() - d() / 2, winding.mm() / 2, tall()),
                turns);
    }
}
