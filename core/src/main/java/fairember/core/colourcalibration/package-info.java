/**
 * Start at {@link fairember.core.colourcalibration.TileLearning#learn}: what trial tiles teach about the clays of a studio, how sure a
 * predicted colour is, and which tile would teach the most. The model is in docs/the-sums.md.
 */
@NullMarked
package fairember.core.colourcalibration;

import org.jspecify.annotations.NullMarked;
