package fairember.core.daybook;

import fairember.core.quantity.Minutes;

/**
 * Minutes to expect.
 *
 * @param expected as likely to be more as to be less
 * @param low under which one case of ten lies
 * @param high over which one case of ten lies
 */
public record MinutesRange(Minutes expected, Minutes low, Minutes high) {}
