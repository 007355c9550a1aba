/**
 * Start at {@link fairember.core.claysheet.SheetSizing#size}, {@link fairember.core.claysheet.BlendPlanning#plan},
 * {@link fairember.core.claysheet.CaneReducing#reduce} and {@link fairember.core.claysheet.Extruding#extrude}: what goes through a roller
 * machine, a blade or a barrel.
 */
@NullMarked
package fairember.core.claysheet;

import org.jspecify.annotations.NullMarked;
