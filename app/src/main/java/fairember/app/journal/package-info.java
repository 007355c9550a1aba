/** Start at {@link fairember.app.journal.Journal}: every change to a kept thing goes through it, so that it can be undone. */
@NullMarked
package fairember.app.journal;

import org.jspecify.annotations.NullMarked;
