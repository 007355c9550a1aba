/**
 * Start at {@link fairember.core.piece.PieceMeasuring#measure}: a piece is a list of parts with their places, its stage
 * bakes, its route and its findings; measuring it gives every portion, core, weight, box and need of the oven.
 */
@NullMarked
package fairember.core.piece;

import org.jspecify.annotations.NullMarked;
