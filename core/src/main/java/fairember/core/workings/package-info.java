/**
 * Start at {@link fairember.core.workings.Workings}: the steps that made a figure, so that anyone can do the sum again.
 * Calculations never use this package; the {@code XxxWorkings} classes beside them do.
 */
@NullMarked
package fairember.core.workings;

import org.jspecify.annotations.NullMarked;
