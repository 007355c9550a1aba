/** Start at {@link fairember.core.loadrecord.LoadRecording#of}: what a load really got, by what a probe read. */
@NullMarked
package fairember.core.loadrecord;

import org.jspecify.annotations.NullMarked;
