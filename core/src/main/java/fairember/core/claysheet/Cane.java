package fairember.core.claysheet;

import fairember.core.input.Gathering;
import fairember.core.input.Span;
import fairember.core.input.Words;
import fairember.core.quantity.Density;
import fairember.core.quantity.Length;
import java.util.List;

/**
 * A pattern that batches through a log: rods packed side by side, wrapped in sheet, reduced and sliced.
 *
 * @param rods what is packed, one to {@value #MOST} kinds
 * @param wraps sheets round them, from the inside, up to {@value #MOST_WRAPS}
 * @param length of the packed log, 10 to 500 mm
 * @param square whether it is pressed square
 * @param size to reduce to: the diameter, or the side of a square, 2 to 150 mm
 * @param endWaste length at each end that is distorted and cut off, 0 to 100 mm
 * @param slice thickness of a slice, 0.3 to 50 mm
 */
public record Cane(
        List<Rods> rods, List<Wrap> wraps, Length length, boolean square, Length size, Length endWaste, Length slice) {
    public static final Span COUNT = Span.count("count", "rods", 1, 400);
    public static final Span DIAMETER = Span.of("diameterMm", "rod", 0.5, 120, "mm");
    public static final Span WRAP = Span.of("thickMm", "wrap", 0.1, 12, "mm");
    public static final Span LENGTH = Span.of("lengthMm", "length of the log", 10, 500, "mm");
    public static final Span SIZE = Span.of("sizeMm", "size to reduce to", 2, 150, "mm");
    public static final Span END = Span.of("endWasteMm", "waste at each end", 0, 100, "mm");
    public static final Span SLICE = Span.of("sliceMm", "slice", 0.3, 50, "mm");
    static final int MOST = 12;
    static final int MOST_WRAPS = 6;

    /**
     * A cane that can be packed.
     *
     * @throws InvalidInputException with everything that is wrong
     */
    public Cane {
        rods = List.copyOf(rods);
        wraps = List.copyOf(wraps);
        Gathering g = new Gathering();
        g.within(LENGTH, length.mm());
        g.within(SIZE, size.mm());
        g.within(END, endWaste.mm());
        g.within(SLICE, slice.mm());
        if (rods.isEmpty() || rods.size() > MOST) {
            g.error("rods", rods.size() + " kinds", "1 to " + MOST + " kinds of rod", "Add the rods to pack.");
        }
        if (wraps.size() > MOST_WRAPS) {
            g.error("wraps", wraps.size() + " sheets", "up to " + MOST_WRAPS, "Use fewer wraps.");
        }
        g.orRefuse();
    }

    /**
     * Rods of one colour.
     *
     * @param name of the colour
     * @param count of them, 1 to 400
     * @param diameter of one before packing, 0.5 to 120 mm
     * @param density of the clay
     */
    public record Rods(String name, int count, Length diameter, Density density) {
        public Rods {
            name = Words.name("name", name);
            COUNT.check(count);
            DIAMETER.check(diameter.mm());
        }
    }

    /**
     * A sheet round all that is inside it.
     *
     * @param name of the colour
     * @param thick 0.1 to 12 mm
     * @param density of the clay
     */
    public record Wrap(String name, Length thick, Density density) {
        public Wrap {
            name = Words.name("name", name);
            WRAP.check(thick.mm());
        }
    }
}
