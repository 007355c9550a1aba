/** Start at {@link fairember.app.keeping.Keeping}: every change to a kept thing goes through it, so that it can be undone. */
@NullMarked
package fairember.app.keeping;

import org.jspecify.annotations.NullMarked;
