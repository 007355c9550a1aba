/** The server: {@link fairember.app.FairEmber} starts it; one package per feature with controller, form, view and store. */
@NullMarked
package fairember.app;

import org.jspecify.annotations.NullMarked;
