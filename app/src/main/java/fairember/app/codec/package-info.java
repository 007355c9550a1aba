/**
 * Records of the core as JSON and back. Start at {@link fairember.app.codec.Codec}: a record is described by its components alone.
 */
@NullMarked
package fairember.app.codec;

import org.jspecify.annotations.NullMarked;
