/**
 * Start at {@link fairember.core.stock.StockClay} and {@link fairember.core.stock.BlockBuying#cover}: the clays and bought
 * parts on the shelf, and which blocks to open or buy for a need.
 */
@NullMarked
package fairember.core.stock;

import org.jspecify.annotations.NullMarked;
