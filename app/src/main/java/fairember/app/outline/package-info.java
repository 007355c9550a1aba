/** Start at {@link fairember.app.outline.CutterStore}: cutters that are kept, and outlines read out of files, measures and photos. */
@NullMarked
package fairember.app.outline;

import org.jspecify.annotations.NullMarked;
