/**
 * Start at {@link fairember.core.cutout.SvgReading#read}: the outline of a cutter or a drawn shape, read from an SVG file, as
 * closed rings in mm with its area, its edge and its largest inscribed circle.
 */
@NullMarked
package fairember.core.cutout;

import org.jspecify.annotations.NullMarked;
