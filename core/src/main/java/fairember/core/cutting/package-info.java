/**
 * Start at {@link fairember.core.cutting.Cutting#plan}: what to cut from which block or coil, with the least left over and the
 * fewest cuts.
 */
@NullMarked
package fairember.core.cutting;

import org.jspecify.annotations.NullMarked;
