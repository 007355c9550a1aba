/**
 * Start at {@link fairember.core.price.DesignCosting#cost}: what one piece of a batch costs, rung by rung, and the price that
 * keeps a margin.
 */
@NullMarked
package fairember.core.price;

import org.jspecify.annotations.NullMarked;
