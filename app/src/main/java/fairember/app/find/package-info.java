/**
 * Start at {@link fairember.app.find.FindForm}: recipes for a colour, what to do when the shelf is short, what leftovers could become,
 * what stands in for a clay.
 */
@NullMarked
package fairember.app.find;

import org.jspecify.annotations.NullMarked;
