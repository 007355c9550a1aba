/**
 * Start at {@link fairember.core.ovencalibration.DialCorrection}: what an oven really is at a setting of its dial, and where to set it.
 */
@NullMarked
package fairember.core.ovencalibration;

import org.jspecify.annotations.NullMarked;
