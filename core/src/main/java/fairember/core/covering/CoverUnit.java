package fairember.core.covering;

import fairember.core.input.Span;
import fairember.core.quantity.Area;
import fairember.core.quantity.Density;
import fairember.core.quantity.Length;
import fairember.core.quantity.Mass;
import fairember.core.quantity.Share;

/**
 * What a surface is covered with, one beside the other.
 *
 * <pre>
 * slices, scales   n = S/(πd²/4·(1 − o))         of a share o each lies under the next
 * balls            n = 0.9069·S/(πd²/4)           touching, as close as circles lie in the plane: π/(2√3)
 * strands          n = 2S/(√3·d²)                 standing on end, close
 * cord             length S/d                     turn beside turn
 * </pre>
 *
 * @param kind of thing
 * @param size d, across
 * @param high how thick a slice is, or how long a strand; not used for balls and cords
 * @param overlap o, of slices
 */
public record CoverUnit(Kind kind, Length size, Length high, Share overlap) {
    public static final Span SIZE = Span.of("sizeMm", "size across", 0.3, 60, "mm");
    public static final Span HIGH = Span.of("highMm", "thickness or length", 0.3, 200, "mm");
    public static final Span OVERLAP = Span.of("overlapPercent", "under the next", 0, 90, "%");
    /** How densely circles lie in the plane at best. */
    static final double CLOSEST = Math.PI / (2 * Math.sqrt(3));

    /** What covers. */
    public enum Kind {
        SLICE("slices or scales"),
        BALL("balls"),
        STRAND("strands on end"),
        CORD("cord, turn beside turn");

        private final String label;

        Kind(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    public CoverUnit {
        SIZE.check(size.mm());
        HIGH.check(high.mm());
        OVERLAP.check(overlap.percent());
    }

    /** The part of a surface that one of them takes up; of a cord, one mm. */
    public Area takes() {
        double d = size.mm();
        return new Area(
                switch (kind) {
                    case SLICE -> Math.PI * d * d / 4 * (1 - overlap.of1());
                    case BALL -> Math.PI * d * d / 4 / CLOSEST;
                    case STRAND -> Math.sqrt(3) * d * d / 2;
                    case CORD -> d;
                });
    }

    /** Grams of one of them; of a cord, of one mm. */
    public Mass mass(Density density) {
        double d = size.mm();
        double mm3 = switch (kind) {
            case SLICE, STRAND -> Math.PI * d * d / 4 * high.mm();
            case BALL -> Math.PI * d * d * d / 6;
            case CORD -> Math.PI * d * d / 4;
        };
        return new Mass(density.gPerCm3() * mm3 / 1000);
    }
}
