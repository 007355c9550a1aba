/** Start at {@link fairember.app.oven.OvenStore}: the oven, and the loads that went into it. */
@NullMarked
package fairember.app.oven;

import org.jspecify.annotations.NullMarked;
