/** Finishes and tints that were tried side by side. Start at {@link fairember.core.trial.Trial}. */
@NullMarked
package fairember.core.trial;

import org.jspecify.annotations.NullMarked;
