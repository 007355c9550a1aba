/** Start at {@link fairember.app.bench.BenchController}: the current job, its timer and its counts. */
@NullMarked
package fairember.app.bench;

import org.jspecify.annotations.NullMarked;
