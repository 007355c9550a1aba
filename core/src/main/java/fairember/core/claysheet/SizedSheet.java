package fairember.core.claysheet;

import fairember.core.quantity.Density;
import fairember.core.quantity.Length;
import fairember.core.quantity.Mass;

/**
 * A sheet of clay and the strips it is rolled in.
 *
 * @param wide of the sheet that is wanted
 * @param length of it
 * @param thick of it
 * @param trim added at every edge, to be cut away
 * @param density of the clay
 * @param roller width of the rollers, over two trims
 * @param areaMm2 that is wanted
 * @param strips laid side by side
 * @param stripWide of one, trimmed
 * @param stripLong of one, before it is trimmed
 * @param mass of clay to roll, trimmings included
 */
public record SizedSheet(
        Length wide,
        Length length,
        Length thick,
        Length trim,
        Density density,
        Length roller,
        double areaMm2,
        int strips,
        Length stripWide,
        Length stripLong,
        Mass mass) {}
