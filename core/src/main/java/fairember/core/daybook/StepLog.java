package fairember.core.daybook;

import fairember.core.quantity.Minutes;

/**
 * What a step took in one batch.
 *
 * @param pieces done, 1 or more
 * @param minutes at it, without rework
 * @param maker who did it, 1 or 2
 */
public record StepLog(int pieces, Minutes minutes, int maker) {}
