/** Start at {@link fairember.app.settings.SettingsController}: the studio's rates, baking method, hours, foil and oven. */
@NullMarked
package fairember.app.settings;

import org.jspecify.annotations.NullMarked;
