/** Start at {@link fairember.app.shelf.ShelfController}: clay ranges, clays and findings. */
@NullMarked
package fairember.app.shelf;

import org.jspecify.annotations.NullMarked;
