package fairember.core.stock;

import fairember.core.colour.Srgb;
import fairember.core.document.Default;
import fairember.core.document.Name;
import java.time.LocalDate;

/**
 * A lot of a clay that looks different from what the clay usually is.
 *
 * @param name what is printed on it
 * @param condition how it takes being conditioned
 */
public record ClayLot(
        @Name String name,
        LocalDate boughtOn,
        Srgb raw,
        Srgb cured,
        @Default("USUAL") ClayCondition condition) {}
