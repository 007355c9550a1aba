package fairember.app.baking;

import fairember.core.studio.LoadItem;
import org.jspecify.annotations.Nullable;

/**
 * Some things of a planned load into another.
 *
 * @param from load of the plan, counted from 0
 * @param to load of the plan; absent for a load of their own
 */
record MoveForm(int from, @Nullable Integer to, LoadItem item) {}
