/**
 * What comes from outside is checked here. Start at {@link fairember.core.input.Span}, which says what a number may be;
 * {@link fairember.core.input.Gathering} collects everything that is wrong before it is refused.
 */
@NullMarked
package fairember.core.input;

import org.jspecify.annotations.NullMarked;
