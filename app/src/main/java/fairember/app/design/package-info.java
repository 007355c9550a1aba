/** Start at {@link fairember.app.design.DesignController}: the studio's designs, measured. */
@NullMarked
package fairember.app.design;

import org.jspecify.annotations.NullMarked;
