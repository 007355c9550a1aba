/** Layers of clay over a form: skins and jackets, and how many slices, scales, balls or cords cover a surface. */
@NullMarked
package fairember.core.covering;

import org.jspecify.annotations.NullMarked;
