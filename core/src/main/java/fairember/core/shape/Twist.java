package fairember.core.shape;

import fairember.core.input.Figures;
import fairember.core.input.InvalidInputException;
import fairember.core.quantity.Length;
import java.util.ArrayList;
import java.util.List;

/** Several cords twisted about each other, lying across: cord d, n cords, twisted length L, N turns; their centres go round a circle of d/sin(π/n). */
public record Twist(Length cord, int strands, Length length, double turns) implements Strand {

    /**
     * Cords that lie beside each other and not in each other.
     *
     * @throws InvalidInputException when they are twisted more than the cords have room for
     */
    public Twist {
        double most = mostTurns(cord.mm(), strands, length.mm());
        if (turns > most * (1 + 1e-9)) {
            double shown = Math.floor(most * 100) / 100;
            throw new InvalidInputException(
                    "turns",
                    Figures.show(turns) + " turns",
                    "up to %s turns of %s cords of %s on %s"
                            .formatted(
                                    Figures.show(shown),
                                    strands,
                                    Figures.show(cord.mm(), "mm"),
                                    Figures.show(length.mm(), "mm")),
                    "Twist less, or use thinner cords or a longer twist.");
        }
    }

    /** As many turns as n cords have room for: in one turn of length x each takes at least its thickness, x ≥ n·d. */
    private static double mostTurns(double cord, int strands, double length) {
        return length / (strands * cord);
    }

    @Override
    public ShapeKind kind() {
        return ShapeKind.TWIST;
    }

    @Override
    public List<Double> dimensions() {
        return List.of(cord.mm(), (double) strands, length.mm(), turns);
    }

    /** Circle that the centres of the cords go round, mm. */
    double around() {
        return cord.mm() / Math.sin(Math.PI / strands);
    }

    /** √(L² + (N·π·D)²) of one cord. */
    @Override
    public Length centreLine() {
        return new Length(Math.hypot(length.mm(), turns * Math.PI * around()));
    }

    @Override
    public InnerBall thickest() {
        return InnerBall.of(Math.min(cord.mm(), length.mm()), 0, tall() - cord.mm() / 2);
    }

    private double tall() {
        return around() + cord.mm();
    }

    @Override
    public Box box() {
        return Box.mm(length.mm(), tall(), tall());
    }

    @Override
    public Support support() {
        return new Cord(new Length(tall()), length).support();
    }

    @Override
    public Length centroidHeight() {
        return new Length(tall() / 2);
    }

    @Override
    public List<Outline> section() {
        return front();
    }

    @Override
    public List<Outline> front() {
        return Curves.strands(length.mm(), cord.mm(), around() / 2, turns, strands).stream()
                .map(outline -> outline.moved(-length.mm() / 2, tall() / 2))
                .toList();
    }

    @Override
    public List<Outline> side() {
        List<Outline> ends = new ArrayList<>();
        Outline round = Curves.circle(cord.mm() / 2);
        for (int k = 0; k < strands; k++) {
            double angle = 2 * Math.PI * k / strands;
            ends.add(round.moved(around() / 2 * Math.cos(angle), tall() / 2 + around() / 2 * Math.sin(angle)));
        }
        return ends;
    }

    @Override
    public List<Outline> plan() {
        return front().stream().map(outline -> outline.moved(0, -tall() / 2)).toList();
    }

    @Override
    public List<Outline> level(double upMm) {
        return upMm < 0 || upMm > tall() ? List.of() : plan();
    }

    @Override
    public List<Point3> hull(int turns) {
        return new Cord(new Length(tall()), length).hull(turns);
    }
}
