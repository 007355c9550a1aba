/** Start at {@link fairember.app.printout.SheetPdf}: pages that are printed at true size, as PDF and as SVG. */
@NullMarked
package fairember.app.printout;

import org.jspecify.annotations.NullMarked;
