/** Start at {@link fairember.app.daybook.DaybookController}: the lines of the daybook, and what is learned from them. */
@NullMarked
package fairember.app.daybook;

import org.jspecify.annotations.NullMarked;
