/** Start at {@link fairember.app.turns.SearchTurns}: how many searches run at once, and whether anybody still waits for one. */
@NullMarked
package fairember.app.turns;

import org.jspecify.annotations.NullMarked;
