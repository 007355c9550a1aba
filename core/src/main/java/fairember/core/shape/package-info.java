/**
 * Start at {@link fairember.core.shape.Solid}: a closed solid of clay that stands on the ground, with its exact volume,
 * surface, thickest section, parallel inset and section outline. {@link fairember.core.shape.ShapeKind} makes one from
 * typed dimensions. The formulas are in docs/the-sums.md.
 */
@NullMarked
package fairember.core.shape;

import org.jspecify.annotations.NullMarked;
