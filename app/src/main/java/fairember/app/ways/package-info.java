/** Start at {@link fairember.app.ways.WaysController}: the studio's rates, school, hours, foil and oven. */
@NullMarked
package fairember.app.ways;

import org.jspecify.annotations.NullMarked;
