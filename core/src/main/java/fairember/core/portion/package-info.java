/**
 * Start at {@link fairember.core.portion.Portioning#portion}: what to roll for a volume of clay.
 */
@NullMarked
package fairember.core.portion;

import org.jspecify.annotations.NullMarked;
