package fairember.core.stock;

import fairember.core.document.Name;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * A pack or bottle of a supply that is at hand.
 *
 * @param name what is printed on it
 * @param useBy the last day on which it is good, as printed on it or counted from when it was opened; null when it does not age
 */
public record SupplyLot(
        @Name String name, LocalDate boughtOn, @Nullable LocalDate useBy) {}
