/**
 * What a studio has written down of itself: its {@linkplain fairember.core.studio.Settings settings}, its
 * {@linkplain fairember.core.studio.StudioOven ovens}, the {@linkplain fairember.core.studio.LoggedLoad loads} that went into them
 * and what is to be kept of the plan.
 */
@NullMarked
package fairember.core.studio;

import org.jspecify.annotations.NullMarked;
