/**
 * Start at {@link fairember.core.outline.SvgReading#read}: the outline of a cutter or a drawn shape, read from an SVG file, as
 * closed rings in mm with its area, its edge and its largest inscribed circle.
 */
@NullMarked
package fairember.core.outline;

import org.jspecify.annotations.NullMarked;
