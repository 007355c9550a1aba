/** Start at {@link fairember.app.piece.PieceController}: the studio's pieces, measured. */
@NullMarked
package fairember.app.piece;

import org.jspecify.annotations.NullMarked;
