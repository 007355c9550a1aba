/**
 * Start at {@link fairember.core.colour.ColourMixing#mix}: the colour that parts of clay make together, raw and cured.
 * Spectra have 36 bands, 380 to 730 nm by 10; colours are sRGB under D65. The model and its sources are in
 * docs/the-sums.md.
 */
@NullMarked
package fairember.core.colour;

import org.jspecify.annotations.NullMarked;
