/**
 * Start at {@link fairember.app.probe.ProbeController}: the door through which a probe says its readings, what a load really
 * got by them, and a simulated oven with its probe behind the same door.
 */
@NullMarked
package fairember.app.probe;

import org.jspecify.annotations.NullMarked;
