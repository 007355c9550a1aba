/** Start at {@link fairember.app.bench.BenchController}: the step in hand, its timer and its counts. */
@NullMarked
package fairember.app.bench;

import org.jspecify.annotations.NullMarked;
