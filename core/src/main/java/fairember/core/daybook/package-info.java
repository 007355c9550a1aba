/**
 * The daybook, and what is learned from it: start at {@link fairember.core.daybook.DaybookLine} and
 * {@link fairember.core.daybook.Learned}.
 */
@NullMarked
package fairember.core.daybook;

import org.jspecify.annotations.NullMarked;
