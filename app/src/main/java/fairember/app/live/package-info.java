/** Start at {@link fairember.app.live.LiveUpdates}: what open pages are told without asking. */
@NullMarked
package fairember.app.live;

import org.jspecify.annotations.NullMarked;
