/** Start at {@link fairember.app.worth.WorthController}: cost and price of a piece at several batch sizes. */
@NullMarked
package fairember.app.worth;

import org.jspecify.annotations.NullMarked;
