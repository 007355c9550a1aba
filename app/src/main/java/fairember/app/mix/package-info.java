/** Start at {@link fairember.app.mix.MixController}: the studio's mixes. */
@NullMarked
package fairember.app.mix;

import org.jspecify.annotations.NullMarked;
