/** Start at {@link fairember.app.shelf.ShelfController}: clay lines, clays and bought parts. */
@NullMarked
package fairember.app.shelf;

import org.jspecify.annotations.NullMarked;
