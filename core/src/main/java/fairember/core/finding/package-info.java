/**
 * Start at {@link fairember.core.finding.Finding}: what a rule found in a piece, a bake or a plan. Findings warn and
 * explain; what cannot be taken at all is refused with {@link fairember.core.measure.Refused}.
 */
@NullMarked
package fairember.core.finding;

import org.jspecify.annotations.NullMarked;
