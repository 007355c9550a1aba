/**
 * Start at {@link fairember.core.loadsearch.LoadPlanning#plan}: the search for loads with as little lateness, then as few
 * loads and kWh, then as early an end as can be, and how far the plan found may be from the best.
 */
@NullMarked
package fairember.core.loadsearch;

import org.jspecify.annotations.NullMarked;
