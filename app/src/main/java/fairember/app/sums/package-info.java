/** Start at {@link fairember.app.sums.SumsController}: each calculation on its own, with all inputs in the request. */
@NullMarked
package fairember.app.sums;

import org.jspecify.annotations.NullMarked;
