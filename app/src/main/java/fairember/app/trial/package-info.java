/**
 * Start at {@link fairember.core.trial.Trial}: finishes and tints tried side by side.
 */
@NullMarked
package fairember.app.trial;

import org.jspecify.annotations.NullMarked;
