/**
 * Start at {@link fairember.core.claysheet.RollerMachine}: the roller machines of the studio, each with its table of settings.
 */
@NullMarked
package fairember.app.machine;

import org.jspecify.annotations.NullMarked;
