/**
 * Start at {@link fairember.core.batch.BatchNeeding#needs} for what a batch takes and at
 * {@link fairember.core.batch.BatchScheduling#schedule} for when hands and oven do it.
 */
@NullMarked
package fairember.core.batch;

import org.jspecify.annotations.NullMarked;
