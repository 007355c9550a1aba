/**
 * Start at {@link fairember.app.machine.MachineForm}: the roller machines of the studio, each with its table of settings.
 */
@NullMarked
package fairember.app.machine;

import org.jspecify.annotations.NullMarked;
