package fairember.core.foilcore;

import fairember.core.advice.Advice;
import fairember.core.quantity.Area;
import fairember.core.quantity.Density;
import fairember.core.quantity.Length;
import fairember.core.quantity.Mass;
import fairember.core.quantity.Volume;
import fairember.core.shape.InnerBall;
import fairember.core.shape.Inset;
import fairember.core.shape.Solid;
import java.util.List;

/**
 * A foil core sized for its part.
 *
 * @param outer the part
 * @param spec what was asked
 * @param inset the room for foil, in its place
 * @param density of the packed foil
 * @param clay of the shell
 * @param claySaved against the solid part
 * @param foil mass of foil
 * @param foilArea the foil spread out
 * @param torn length to tear off the roll
 * @param vents pin holes to prick, a rule of thumb
 * @param advice what the rules say of it
 */
public record SizedCore(
        Solid outer,
        CoreSpec spec,
        Inset inset,
        Density density,
        Volume clay,
        Volume claySaved,
        Mass foil,
        Area foilArea,
        Length torn,
        int vents,
        List<Advice> advice) {
    public SizedCore {
        advice = List.copyOf(advice);
    }

    /** The core, or the first of several. */
    public Solid inner() {
        return inset.cores().get(0).solid();
    }

    /** Least clay over the foil. */
    public Length thinnest() {
        return inset.thinnest();
    }

    /** The largest ball that fits in the clay. */
    public InnerBall thickest() {
        return inset.thickest();
    }
}
