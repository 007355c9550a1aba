package fairember.core.claysheet;

import fairember.core.input.Gathering;
import fairember.core.input.InvalidInputException;
import fairember.core.input.Span;
import fairember.core.quantity.Density;
import fairember.core.quantity.Length;
import fairember.core.quantity.Mass;

/** How much clay a sheet takes, and in how many strips a machine rolls it. */
public final class SheetSizing {
    public static final Span WIDE = Span.of("wideMm", "width of the sheet", 5, 2000, "mm");
    public static final Span LONG = Span.of("longMm", "length of the sheet", 5, 2000, "mm");
    public static final Span TRIM = Span.of("trimMm", "trimmed at each edge", 0, 30, "mm");

    private SheetSizing() {}

    /**
     * The sheet.
     *
     * <pre>
     * strips n = ⌈wide/(roller − 2·trim)⌉
     * grams = ρ·thick·n·(wide/n + 2·trim)·(length + 2·trim)
     * </pre>
     *
     * @throws InvalidInputException with everything that is out of its range
     */
    public static SizedSheet size(
            Length wide, Length length, Length thick, Length trim, Density density, Length roller) {
        Gathering g = new Gathering();
        g.within(WIDE, wide.mm());
        g.within(LONG, length.mm());
        g.within(RollerMachine.THICK, thick.mm());
        g.within(TRIM, trim.mm());
        g.within(RollerMachine.ROLLER, roller.mm());
        g.orRefuse();
        if (roller.mm() <= 2 * trim.mm()) {
            throw new InvalidInputException(
                    "trimMm",
                    trim.mm() + " mm at both edges",
                    "less than the " + roller.mm() + " mm of the rollers",
                    "Trim less.");
        }
        int strips = (int) Math.ceil(wide.mm() / (roller.mm() - 2 * trim.mm()) - 1e-9);
        double stripWide = wide.mm() / strips;
        double stripLong = length.mm() + 2 * trim.mm();
        double mm3 = thick.mm() * strips * (stripWide + 2 * trim.mm()) * stripLong;
        return new SizedSheet(
                wide,
                length,
                thick,
                trim,
                density,
                roller,
                wide.mm() * length.mm(),
                strips,
                new Length(stripWide),
                new Length(stripLong),
                new Mass(density.gPerCm3() * mm3 / 1000));
    }
}
