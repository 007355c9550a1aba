/**
 * Start at {@link fairember.core.ovenload.LoadProblem}: ovens, makers and stage bakes, what a plan of their loads is, and how
 * things are laid on trays.
 */
@NullMarked
package fairember.core.ovenload;

import org.jspecify.annotations.NullMarked;
