/**
 * Start at {@link fairember.app.trialtile.ClayLearning}: the clays of the shelf as the trial tiles of the studio have taught them.
 */
@NullMarked
package fairember.app.trialtile;

import org.jspecify.annotations.NullMarked;
