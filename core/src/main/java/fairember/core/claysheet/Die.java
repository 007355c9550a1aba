package fairember.core.claysheet;

import fairember.core.input.Gathering;
import fairember.core.input.Span;
import fairember.core.quantity.Length;

/**
 * The plate the clay is pressed through.
 *
 * @param kind of hole
 * @param size diameter or side of a hole, or height of a slot, 0.3 to 50 mm
 * @param wide width of a slot; not used of other holes
 * @param holes alike, 1 to 60
 * @param swell by how much cords come out thicker than the hole, 1 to 1.3 times
 */
public record Die(Kind kind, Length size, Length wide, int holes, double swell) {
    public static final Span SIZE = Span.of("dieMm", "hole", 0.3, 50, "mm");
    public static final Span WIDE = Span.of("slotMm", "width of the slot", 0.3, 60, "mm");
    public static final Span HOLES = Span.count("holes", "holes", 1, 60);
    public static final Span SWELL = Span.of("swell", "swell", 1, 1.3, "times");

    /** The shape of a hole. */
    public enum Kind {
        ROUND("round"),
        SQUARE("square"),
        SLOT("slot");

        private final String label;

        Kind(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    public Die {
        Gathering g = new Gathering();
        g.within(SIZE, size.mm());
        if (kind == Kind.SLOT) {
            g.within(WIDE, wide.mm());
        }
        g.within(HOLES, holes);
        g.within(SWELL, swell);
        g.orRefuse();
    }

    /** From one end of a hole to the other, across its corners. */
    public Length widest() {
        double s = size.mm();
        return new Length(
                switch (kind) {
                    case ROUND -> s;
                    case SQUARE -> s * Math.sqrt(2);
                    case SLOT -> Math.hypot(s, wide.mm());
                });
    }

    /** Area of one hole, mm². */
    public double hole() {
        double s = size.mm();
        return switch (kind) {
            case ROUND -> Math.PI * s * s / 4;
            case SQUARE -> s * s;
            case SLOT -> s * wide.mm();
        };
    }
}
