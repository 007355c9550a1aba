/**
 * Start at {@link fairember.core.gauge.GaugeSheets}: pages to print at true size, to hold clay and wire against.
 */
@NullMarked
package fairember.core.gauge;

import org.jspecify.annotations.NullMarked;
