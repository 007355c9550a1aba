/**
 * Start at {@link fairember.core.ovenload.LoadPlanning#plan}: which stage bakes share an oven load, at what temperature and
 * for how long, where each piece lies on the tray, and why.
 */
@NullMarked
package fairember.core.ovenload;

import org.jspecify.annotations.NullMarked;
