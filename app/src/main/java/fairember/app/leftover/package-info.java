/**
 * Start at {@link fairember.app.leftover.LeftoverStore}: the box of leftovers, whose lumps keep what they are made of.
 */
@NullMarked
package fairember.app.leftover;

import org.jspecify.annotations.NullMarked;
