/** Start at {@link fairember.app.sheet.SheetPdf}: pages that are printed at true size, as PDF and as SVG. */
@NullMarked
package fairember.app.sheet;

import org.jspecify.annotations.NullMarked;
