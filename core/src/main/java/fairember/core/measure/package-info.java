/**
 * Start at {@link fairember.core.measure.Span}, which says what a measure may be and refuses the rest. The value types
 * here carry one number and name its unit; inside the studio everything is metric.
 */
@NullMarked
package fairember.core.measure;

import org.jspecify.annotations.NullMarked;
