package fairember.core.claysheet;

import fairember.core.input.Gathering;
import fairember.core.input.InvalidInputException;
import fairember.core.input.Span;
import fairember.core.quantity.Density;
import fairember.core.quantity.Length;
import fairember.core.quantity.Mass;

/**
 * A sheet that fades from one colour to another across its width.
 *
 * @param wide of the sheet, 20 to 400 mm: it keeps its width through all passes
 * @param length of the finished sheet, 10 to 2000 mm
 * @param thick of the finished sheet
 * @param start thickness of the sheets the two pieces are cut from, at least {@code thick}
 * @param plainFirst how wide the first colour stays plain at its edge
 * @param plainSecond how wide the second colour stays plain at its edge
 * @param first density of the first colour
 * @param second density of the second
 */
public record Blend(
        Length wide,
        Length length,
        Length thick,
        Length start,
        Length plainFirst,
        Length plainSecond,
        Density first,
        Density second) {
    public static final Span WIDE = Span.of("wideMm", "width of the blend", 20, 400, "mm");
    public static final Span LONG = Span.of("longMm", "length of the blend", 10, 2000, "mm");
    public static final Span START = Span.of("startMm", "sheets to cut from", 0.1, 12, "mm");
    public static final Span PLAIN_FIRST = Span.of("plainFirstMm", "plain strip at the first edge", 0, 400, "mm");
    public static final Span PLAIN_SECOND = Span.of("plainSecondMm", "plain strip at the second edge", 0, 400, "mm");

    /**
     * A blend that can be cut and rolled.
     *
     * @throws InvalidInputException with everything that is wrong
     */
    public Blend {
        Gathering g = new Gathering();
        double w = wide.mm();
        double t = thick.mm();
        double t0 = start.mm();
        double a = plainFirst.mm();
        double b = plainSecond.mm();
        g.within(WIDE, w);
        g.within(LONG, length.mm());
        g.within(RollerMachine.THICK, t);
        g.within(START, t0);
        g.within(PLAIN_FIRST, a);
        g.within(PLAIN_SECOND, b);
        g.orRefuse();
        if (a + b >= w) {
            throw new InvalidInputException(
                    "plainFirstMm",
                    (a + b) + " mm plain in all",
                    "less than the width, " + w + " mm",
                    "Leave some width for the fade.");
        }
        if (t0 < t) {
            throw new InvalidInputException(
                    "startMm",
                    t0 + " mm",
                    "at least the " + t + " mm of the finished sheet",
                    "Start with thicker sheets.");
        }
    }

    /** Grams of a blend that may be wanted instead of a length. */
    public static final Span MASS = Span.of("massG", "clay in the blend", 1, 5000, "g");

    /**
     * The same blend as long as a number of grams make it.
     *
     * <pre>
     * second share σ = (b + (W − a − b)/2)/W,  density = (1 − σ)·ρ₁ + σ·ρ₂,  length = grams/(W·thick·density)
     * </pre>
     *
     * @throws InvalidInputException on "massG" when it is out of its range, on "longMm" when the blend would be too short or too long
     */
    public Blend ofMass(Mass mass) {
        MASS.check(mass.g());
        double w = wide.mm();
        double share = second(0, w);
        double density = (1 - share) * first.gPerCm3() + share * second.gPerCm3();
        Length made = new Length(mass.g() * 1000 / (w * thick.mm() * density));
        return new Blend(wide, made, thick, start, plainFirst, plainSecond, first, second);
    }

    /**
     * Share of the second colour at a place.
     *
     * <pre>B(x) = (x − a)/(W − a − b), held between 0 and 1</pre>
     *
     * @param mm from the first edge
     */
    public double second(double mm) {
        double fade = wide.mm() - plainFirst.mm() - plainSecond.mm();
        return Math.max(0, Math.min(1, (mm - plainFirst.mm()) / fade));
    }

    /** Mean share of the second colour between two places, from the first edge; exact. */
    public double second(double fromMm, double toMm) {
        return (sum(toMm) - sum(fromMm)) / (toMm - fromMm);
    }

    /** ∫B from the first edge. */
    private double sum(double mm) {
        double a = plainFirst.mm();
        double fade = wide.mm() - a - plainSecond.mm();
        double in = Math.max(0, Math.min(fade, mm - a));
        return in * in / (2 * fade) + Math.max(0, mm - a - fade);
    }
}
