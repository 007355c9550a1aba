/** Start at {@link fairember.app.sums.SumsController}: each calculation on its own, with all inputs in the request but mixes, which some name by their number in the studio. */
@NullMarked
package fairember.app.sums;

import org.jspecify.annotations.NullMarked;
