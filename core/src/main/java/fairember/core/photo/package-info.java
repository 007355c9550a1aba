/**
 * Start at {@link fairember.core.photo.TileReading#read}: the colour of a trial tile from a photo of it beside a grey or white card.
 */
@NullMarked
package fairember.core.photo;

import org.jspecify.annotations.NullMarked;
