/**
 * Start at {@link fairember.core.printout.GaugeSheets}: pages to print at true size, to hold clay and wire against.
 */
@NullMarked
package fairember.core.printout;

import org.jspecify.annotations.NullMarked;
