/** Start at {@link fairember.app.batch.BatchController}: batches, their needs, plan and progress. */
@NullMarked
package fairember.app.batch;

import org.jspecify.annotations.NullMarked;
