/**
 * Start at {@link fairember.core.heat.Heating#heat}: how the heat of an oven crosses a piece, how long until its coldest clay is warm
 * enough, and how many minutes of a bake count.
 */
@NullMarked
package fairember.core.heat;

import org.jspecify.annotations.NullMarked;
