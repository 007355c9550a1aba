/**
 * Start at {@link fairember.core.dial.DialCorrection}: what an oven really is at a setting of its dial, and where to set it.
 */
@NullMarked
package fairember.core.dial;

import org.jspecify.annotations.NullMarked;
