/**
 * Start at {@link fairember.core.balance.Balancing#balance}: whether a design stands, hangs straight and is light enough to wear, and
 * what would fix it.
 */
@NullMarked
package fairember.core.balance;

import org.jspecify.annotations.NullMarked;
