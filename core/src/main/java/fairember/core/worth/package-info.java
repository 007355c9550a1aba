/**
 * Start at {@link fairember.core.worth.PieceCosting#cost}: what one piece of a batch costs, rung by rung, and the price that
 * keeps a margin.
 */
@NullMarked
package fairember.core.worth;

import org.jspecify.annotations.NullMarked;
