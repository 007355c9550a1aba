/**
 * Start at {@link fairember.app.tile.ClayLearning}: the clays of the shelf as the trial tiles of the studio have taught them.
 */
@NullMarked
package fairember.app.tile;

import org.jspecify.annotations.NullMarked;
