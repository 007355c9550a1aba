/** Start at {@link fairember.core.beginning.Beginning}: a first plan before anything was typed in, and what in a plan is still a guess. */
@NullMarked
package fairember.core.beginning;

import org.jspecify.annotations.NullMarked;
