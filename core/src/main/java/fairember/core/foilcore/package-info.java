/**
 * Start at {@link fairember.core.foilcore.FoilCoreSizing#size}: the foil core that leaves a clay shell, the foil to
 * tear for it and what it saves.
 */
@NullMarked
package fairember.core.foilcore;

import org.jspecify.annotations.NullMarked;
