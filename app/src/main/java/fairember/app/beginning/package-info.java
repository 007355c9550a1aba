/** Start at {@link fairember.app.beginning.BeginningController}: from nothing to a first plan, and what in plans is still a guess. */
@NullMarked
package fairember.app.beginning;

import org.jspecify.annotations.NullMarked;
