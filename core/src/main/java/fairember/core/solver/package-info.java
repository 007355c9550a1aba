/** The constraint solver. Start at {@link fairember.core.solver.Solver}: what may ask it, and how it repeats. */
@NullMarked
package fairember.core.solver;

import org.jspecify.annotations.NullMarked;
