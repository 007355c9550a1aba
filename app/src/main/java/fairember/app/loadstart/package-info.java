/** Start at {@link fairember.app.loadstart.LoadController}: loads that go in and come out, with what is asked then. */
@NullMarked
package fairember.app.loadstart;

import org.jspecify.annotations.NullMarked;
