/**
 * Start at {@link fairember.core.mix.MixMeasuring#measure}: the studio's mixes as parts of stock clays and of other mixes, their grams, colour,
 * density and oven window.
 */
@NullMarked
package fairember.core.mix;

import org.jspecify.annotations.NullMarked;
