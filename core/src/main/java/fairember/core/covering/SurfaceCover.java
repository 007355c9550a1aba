package fairember.core.covering;

import fairember.core.input.InvalidInputException;
import fairember.core.input.Span;
import fairember.core.quantity.Area;
import fairember.core.quantity.Density;
import fairember.core.quantity.Mass;
import fairember.core.quantity.Minutes;

/**
 * How much of something covers a part of a surface, or what part a number of them covers.
 *
 * @param unit what it is covered with
 * @param surface S, covered
 * @param of the whole surface there is
 * @param count of pieces, a whole number; of a cord its length in mm
 * @param mass of them all
 * @param minutes to lay them, at the seconds each takes; of a cord, for each cm
 */
public record SurfaceCover(CoverUnit unit, Area surface, Area of, double count, Mass mass, Minutes minutes) {
    public static final Span HAVE = Span.of("have", "pieces, or mm of cord", 1, 1_000_000, "");
    public static final Span SECONDS = Span.of("secondsEach", "seconds for each, or for a cm of cord", 0, 600, "s");

    /** What a surface takes; pieces are counted up to the next whole one. */
    public static SurfaceCover of(Area surface, Area whole, CoverUnit unit, double secondsEach, Density density) {
        double exact = surface.mm2() / unit.takes().mm2();
        return counted(
                unit,
                surface,
                whole,
                unit.kind() == CoverUnit.Kind.CORD ? exact : Math.ceil(exact - 1e-9),
                secondsEach,
                density);
    }

    /**
     * What a number of them covers.
     *
     * @param have pieces, or mm of cord
     * @throws InvalidInputException on "have" when that is more than the whole surface takes
     */
    public static SurfaceCover with(double have, Area whole, CoverUnit unit, double secondsEach, Density density) {
        HAVE.check(have);
        double covered = have * unit.takes().mm2();
        double most = whole.mm2() / unit.takes().mm2();
        if (have > Math.ceil(most - 1e-9)) {
            throw new InvalidInputException(
                    "have",
                    String.valueOf(Math.round(have)),
                    "up to " + Math.round(Math.ceil(most - 1e-9)) + ", which cover all of it",
                    "Enter a smaller number, or choose a larger shape.");
        }
        return counted(unit, new Area(Math.min(covered, whole.mm2())), whole, have, secondsEach, density);
    }

    private static SurfaceCover counted(
            CoverUnit unit, Area surface, Area whole, double count, double secondsEach, Density density) {
        double times = unit.kind() == CoverUnit.Kind.CORD ? count / 10 : count;
        return new SurfaceCover(
                unit,
                surface,
                whole,
                count,
                unit.mass(density).times(count),
                new Minutes(times * SECONDS.check(secondsEach) / 60));
    }

    /** The share of the whole surface that is covered, in per cent. */
    public double percent() {
        return 100 * surface.mm2() / of.mm2();
    }
}
