/** Start at {@link fairember.core.loadstart.StartReview}: what is asked before a load goes in, and when it comes out early or late. */
@NullMarked
package fairember.core.loadstart;

import org.jspecify.annotations.NullMarked;
