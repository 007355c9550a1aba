/**
 * Start at {@link fairember.core.bake.BakeNeeding#need}: the temperatures and minutes a stage bake needs, from the packets
 * of its clays, its thickest section and the baking method the studio follows.
 */
@NullMarked
package fairember.core.bake;

import org.jspecify.annotations.NullMarked;
