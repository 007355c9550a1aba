/**
 * Start at {@link fairember.core.wire.Wire}: wires, pins and armatures, their lengths, bends and weight.
 */
@NullMarked
package fairember.core.wire;

import org.jspecify.annotations.NullMarked;
