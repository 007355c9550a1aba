package fairember.core.wire;

import fairember.core.input.Gathering;
import fairember.core.input.Span;
import fairember.core.quantity.Length;
import java.util.List;
import java.util.stream.IntStream;

/**
 * A hole that a jump ring goes through.
 *
 * @param thickness of the piece there, 0.5 to 30 mm
 * @param edge from the middle of the hole to the edge of the piece, 0.5 to 30 mm
 * @param hole its diameter, 0.5 to 15 mm, less than twice the distance to the edge
 * @param wire of the ring, 0.3 to 3 mm
 * @param other wire of what hangs in the ring beside the piece, 0 to 5 mm
 */
public record JumpRing(Length thickness, Length edge, Length hole, Length wire, Length other) {
    public static final Span THICKNESS = Span.of("thicknessMm", "thickness at the hole", 0.5, 30, "mm");
    public static final Span EDGE = Span.of("edgeMm", "middle of the hole to the edge", 0.5, 30, "mm");
    public static final Span HOLE = Span.of("holeMm", "hole", 0.5, 15, "mm");
    public static final Span WIRE = Span.of("wireMm", "wire of the ring", 0.3, 3, "mm");
    public static final Span OTHER = Span.of("otherMm", "wire of what hangs in it", 0, 5, "mm");
    /** Room to move, mm. */
    static final double PLAY = 0.5;

    private static final int SIZES = 4;

    /**
     * A hole in a piece.
     *
     * @throws fairember.core.input.InvalidInputException with everything that cannot be
     */
    public JumpRing {
        Gathering g = new Gathering();
        g.within(THICKNESS, thickness.mm());
        g.within(EDGE, edge.mm());
        g.within(HOLE, hole.mm());
        g.within(WIRE, wire.mm());
        g.within(OTHER, other.mm());
        if (hole.mm() >= 2 * edge.mm()) {
            g.error(
                    "edgeMm",
                    "%.1f mm, within the hole".formatted(edge.mm()),
                    "more than half the hole, %.1f mm".formatted(hole.mm() / 2),
                    "Measure from the middle of the hole to the edge.");
        }
        g.orRefuse();
    }

    /** What is left between the hole and the edge, mm. */
    public double bridge() {
        return edge.mm() - hole.mm() / 2;
    }

    /** The bridge, with what hangs beside it and room to move, mm. */
    double inside() {
        return bridge() + other.mm() + PLAY;
    }

    /**
     * The least inner diameter with which the ring turns freely.
     *
     * <pre>
     * max(√(b² + t²) + 0.5, x + t²/4x), with t for the second where x &lt; t/2
     * </pre>
     *
     * b is the bridge, t the thickness, x the bridge with what hangs beside it and 0.5 mm: the bridge turns within the ring, and lies in it
     * beside the other wire.
     */
    public Length least() {
        double t = thickness.mm();
        double x = inside();
        double beside = x < t / 2 ? t : x + t * t / (4 * x);
        return new Length(Math.max(Math.hypot(bridge(), t) + PLAY, beside));
    }

    /**
     * How a ring of a size fits.
     *
     * @param inner its inner diameter
     * @param play what it has more than the least
     * @param hole that its bent wire needs through the thickness
     * @param fits whether it turns and goes through the hole
     */
    public record Size(Length inner, double play, Length hole, boolean fits) {}

    /**
     * How a ring of a size fits.
     *
     * <pre>hole = D/2 + w − √(D²/4 − t²/4)</pre>
     *
     * @param inner diameter D
     */
    public Size size(Length inner) {
        double radius = inner.mm() / 2;
        double half = thickness.mm() / 2;
        double needed =
                half >= radius ? radius + wire.mm() : radius + wire.mm() - Math.sqrt(radius * radius - half * half);
        double play = inner.mm() - least().mm();
        return new Size(inner, play, new Length(needed), play >= 0 && needed <= hole.mm());
    }

    /** The next whole sizes, from one under the least on. */
    public List<Size> next() {
        int first = Math.max(1, (int) Math.ceil(least().mm()) - 1);
        return IntStream.range(first, first + SIZES)
                .mapToObj(mm -> size(new Length(mm)))
                .toList();
    }
}
