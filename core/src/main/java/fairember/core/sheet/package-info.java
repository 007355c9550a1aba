/**
 * Start at {@link fairember.core.sheet.SheetSizing#size}, {@link fairember.core.sheet.BlendPlanning#plan},
 * {@link fairember.core.sheet.CaneReducing#reduce} and {@link fairember.core.sheet.Extruding#extrude}: what goes through a roller
 * machine, a blade or a barrel.
 */
@NullMarked
package fairember.core.sheet;

import org.jspecify.annotations.NullMarked;
