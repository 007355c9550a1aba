/** The {@link fairember.app.clock.StudioClock studio's own time}. */
@NullMarked
package fairember.app.clock;

import org.jspecify.annotations.NullMarked;
