package fairember.core.shape;

import fairember.core.input.Figures;
import fairember.core.input.InvalidInputException;
import fairember.core.quantity.Length;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** What edges do to the wall around an inset, and small shared steps of the solids. */
final class Walls {
    private Walls() {}

    /**
     * Diameter of the largest ball in the wall along an edge or at an apex. The faces meet at an angle whose half is {@code half}; the
     * inset's edge lies wall/sin(half) from the outer edge, a ball of radius r touching both faces has its centre at
     * r/sin(half), and it touches the inset's edge when (wall − r)/sin(half) = r.
     *
     * <pre>T = 2·wall/(1 + sin half)</pre>
     */
    static double atEdge(Length wall, double half) {
        return wall.mm() * 2 / (1 + Math.sin(half));
    }

    /** Diameter of the largest ball at a square corner, three faces: √3·(wall − r) = r. */
    static double atCorner(Length wall) {
        return wall.mm() * 2 * Math.sqrt(3) / (1 + Math.sqrt(3));
    }

    static Optional<Length> less(Length length, double by) {
        double left = length.mm() - by;
        return left > 0 ? Optional.of(new Length(left)) : Optional.empty();
    }

    /** How many walls there are one above the other. */
    static int floors(Floor floor) {
        return floor == Floor.COVERED ? 2 : 1;
    }

    /** How far the core stands above the base. */
    static double raised(Length wall, Floor floor) {
        return floor == Floor.COVERED ? wall.mm() : 0;
    }

    static List<Outline.Point> points(double... acrossUp) {
        List<Outline.Point> points = new ArrayList<>();
        for (int i = 0; i < acrossUp.length; i += 2) {
            points.add(new Outline.Point(acrossUp[i], acrossUp[i + 1]));
        }
        return points;
    }

    static double least(double... values) {
        return Arrays.stream(values).min().orElse(0);
    }

    static double most(double... values) {
        return Arrays.stream(values).max().orElse(0);
    }

    /** @throws InvalidInputException when a dimension is less than the one it must hold */
    static void atLeast(String field, Length found, Length least, String what) {
        if (found.mm() < least.mm() * (1 - 1e-9)) {
            throw new InvalidInputException(
                    field,
                    Figures.show(found.mm(), "mm"),
                    "at least %s, %s".formatted(what, Figures.show(least.mm(), "mm")),
                    "Make it larger, or make the cord thinner.");
        }
    }
}
