/**
 * Value types: each carries one number and names its unit; inside the studio everything is metric. Start at
 * {@link fairember.core.quantity.Length}.
 */
@NullMarked
package fairember.core.quantity;

import org.jspecify.annotations.NullMarked;
