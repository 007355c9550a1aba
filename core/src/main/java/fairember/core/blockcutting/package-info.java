/**
 * Start at {@link fairember.core.blockcutting.Cutting#plan}: what to cut from which block or coil, with the least left over and the
 * fewest cuts.
 */
@NullMarked
package fairember.core.blockcutting;

import org.jspecify.annotations.NullMarked;
