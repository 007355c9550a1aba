/**
 * Start at {@link fairember.core.advice.Advice}: what a rule found in a design, a bake or a plan. Advice warn and
 * explain; what cannot be taken at all is refused with {@link fairember.core.input.InvalidInputException}.
 */
@NullMarked
package fairember.core.advice;

import org.jspecify.annotations.NullMarked;
