package fairember.core.printout;

import fairember.core.quantity.Length;

/**
 * A portion to be held against a gauge.
 *
 * @param name of the part
 * @param words beside it, such as its weight
 * @param ball diameter
 * @param cord length of the equal cord
 * @param cordThick thickness of the cord
 */
public record GaugeItem(String name, String words, Length ball, Length cord, Length cordThick) {}
