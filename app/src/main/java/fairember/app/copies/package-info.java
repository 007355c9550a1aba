/** Start at {@link fairember.app.copies.CopyController}: whole copies of the studio, saved and opened while it is in use. */
@NullMarked
package fairember.app.copies;

import org.jspecify.annotations.NullMarked;
