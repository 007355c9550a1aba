package fairember.core.outline;

import fairember.core.document.Default;
import fairember.core.input.Figures;
import fairember.core.input.Gathering;
import fairember.core.input.InvalidInputException;
import fairember.core.input.Span;

/**
 * A cutter of a family, by its measures. Measures that its family does not have are there and say nothing.
 *
 * @param wideMm from side to side; of a star or polygon the circle through its points, of a ring the outer one
 * @param highMm from foot to top
 * @param points of a star or polygon, 3 to 24
 * @param innerMm of a star the circle through its inner corners, of a ring its hole
 * @param cornerMm radius of the corners of a rectangle
 */
public record Cutter(
        CutterFamily family,
        @Default("24") double wideMm,
        @Default("32") double highMm,
        @Default("5") int points,
        @Default("12") double innerMm,
        @Default("0") double cornerMm) {
    public static final Span WIDE = Span.of("wideMm", "width", 2, 200, "mm");
    public static final Span HIGH = Span.of("highMm", "height", 2, 200, "mm");
    public static final Span POINTS = Span.count("points", "points", 3, 24);
    public static final Span INNER = Span.of("innerMm", "inner diameter", 1, 200, "mm");
    public static final Span CORNER = Span.of("cornerMm", "corner radius", 0, 100, "mm");

    /**
     * A cutter that can be.
     *
     * @throws InvalidInputException with all measures that are outside their spans or do not go together
     */
    public Cutter {
        Gathering gathering = new Gathering();
        gathering.within(WIDE, wideMm);
        gathering.within(HIGH, highMm);
        gathering.within(POINTS, (double) points);
        gathering.within(INNER, innerMm);
        gathering.within(CORNER, cornerMm);
        switch (family) {
            case DROP, PETAL -> less(gathering, "wideMm", wideMm, highMm, "height");
            case LEAF -> less(gathering, "wideMm", wideMm, highMm * 1.0001, "height");
            case ARCH -> less(gathering, "wideMm", wideMm / 2, highMm, "height");
            case STAR, RING -> less(gathering, "innerMm", innerMm, wideMm, "width");
            default -> {
                // Any measures go together.
            }
        }
        gathering.orRefuse();
    }

    private static void less(Gathering gathering, String field, double value, double than, String words) {
        if (!(value < than)) {
            gathering.error(
                    field,
                    Figures.show(value, "mm"),
                    "less than " + Figures.show(than, "mm"),
                    "Make it smaller than the " + words + ", or choose another cutter.");
        }
    }

    /** Its outline. */
    public CutShape outline() {
        return CutShape.of(family.rings(this));
    }
}
