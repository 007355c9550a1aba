/** The made-up harbour studio that a first start shows. */
@NullMarked
package fairember.app.demo;

import org.jspecify.annotations.NullMarked;
