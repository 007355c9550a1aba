/** How answers look when something is wrong, who may ask, and where the pages come from. */
@NullMarked
package fairember.app.web;

import org.jspecify.annotations.NullMarked;
