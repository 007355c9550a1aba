/**
 * Start at {@link fairember.core.ovensim.SimulatedOven}: a small physical model of an oven and the probe that lies in it,
 * for a studio that has none.
 */
@NullMarked
package fairember.core.ovensim;

import org.jspecify.annotations.NullMarked;
