/**
 * Start at {@link fairember.core.run.RunNeeding#needs} for what a batch takes and at
 * {@link fairember.core.run.RunScheduling#schedule} for when hands and oven do it.
 */
@NullMarked
package fairember.core.run;

import org.jspecify.annotations.NullMarked;
