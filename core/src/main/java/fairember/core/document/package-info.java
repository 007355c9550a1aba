/**
 * How a record is saved and sent, said at its components where their types do not say it: a record of value types is all there is
 * to a saved thing. Start at {@link fairember.core.document.Default}.
 */
@NullMarked
package fairember.core.document;

import org.jspecify.annotations.NullMarked;
