package fairember.core.wire;

import fairember.core.document.Name;
import fairember.core.input.InvalidInputException;
import fairember.core.input.Span;
import fairember.core.input.Words;
import fairember.core.quantity.Length;
import fairember.core.quantity.Mass;
import java.util.ArrayList;
import java.util.List;

/**
 * A design of wire in a design, bent in one plane.
 *
 * @param name 1 to 60 characters
 * @param gauge of the wire
 * @param metal it is drawn of
 * @param count in one design, 1 to 100
 * @param legs straight lengths with a bend after each but the last, 1 to 24
 */
public record Wire(@Name String name, Gauge gauge, Metal metal, int count, List<Leg> legs) {
    public static final Span COUNT = Span.count("count", "count per piece", 1, 100);
    public static final Span GAUGE = Gauge.SPAN;
    static final int MOST_LEGS = 24;

    public Wire {
        name = Words.name("name", name);
        COUNT.check(count);
        legs = List.copyOf(legs);
        if (legs.isEmpty() || legs.size() > MOST_LEGS) {
            throw new InvalidInputException(
                    "legs", legs.size() + " lengths", "1 to " + MOST_LEGS, "Give each straight length one line.");
        }
    }

    /**
     * A straight length and the bend at its end.
     *
     * @param length of the centre line, 0.5 to 1000 mm
     * @param turnDeg how far the wire turns to the left after it, −180 to 180°; of no meaning after the last
     */
    public record Leg(Length length, double turnDeg) {
        public static final Span LENGTH = Span.of("lengthMm", "length", 0.5, 1000, "mm");
        public static final Span TURN = Span.of("turnDeg", "bend", -180, 180, "°");

        public Leg {
            LENGTH.check(length.mm());
            TURN.check(turnDeg);
        }
    }

    /** What to cut for one: bends are taken sharp, on the centre line. */
    public Length length() {
        return new Length(legs.stream().mapToDouble(leg -> leg.length().mm()).sum());
    }

    /** Weight of one: π/4·d²·l·ρ/1000. */
    public Mass mass() {
        return new Mass(Math.PI / 4 * gauge.mm() * gauge.mm() * length().mm() * metal.gPerCm3() / 1000);
    }

    /**
     * A corner of the bent wire.
     *
     * @param acrossMm right of its beginning
     * @param upMm above its beginning
     */
    public record Corner(double acrossMm, double upMm) {}

    /** The corners of the bent wire from its beginning, which lies to the right. */
    public List<Corner> corners() {
        List<Corner> corners = new ArrayList<>();
        double across = 0;
        double up = 0;
        double heading = 0;
        corners.add(new Corner(0, 0));
        for (Leg leg : legs) {
            across += leg.length().mm() * Math.cos(heading);
            up += leg.length().mm() * Math.sin(heading);
            heading += Math.toRadians(leg.turnDeg());
            corners.add(new Corner(across, up));
        }
        return corners;
    }
}
